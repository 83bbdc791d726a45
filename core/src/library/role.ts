/** What somebody is to a question set or a show. */
export const roles = ['owner', 'editor', 'cohost', 'viewer'] as const;
export type Role = (typeof roles)[number];
export type GivenRole = Exclude<Role, 'owner'>;
/** Roles that an owner can give to others: a set is not played, so it has no co-hosts. */
export const givenRoles = {
  set: ['editor', 'viewer'],
  show: ['editor', 'cohost', 'viewer'],
} as const satisfies Record<string, readonly GivenRole[]>;

export type Right = 'read' | 'edit' | 'copy' | 'host' | 'own';

const rightsOf: Record<Role, readonly Right[]> = {
  owner: ['read', 'edit', 'copy', 'host', 'own'],
  editor: ['read', 'edit', 'host'],
  cohost: ['read', 'host'],
  viewer: ['read'],
};

/**
 * What each role may do. To host is to open the doors of a show and to sit at its desk. `mayCopy` is
 * the owner's word on copies: it binds editors, too, and files count as copies. It cannot keep anybody
 * from reading aloud or typing off what they see; a show may be copied by all who read it.
 */
export const hasRight = (role: Role, right: Right, mayCopy = true): boolean =>
  (right === 'copy' && mayCopy) || rightsOf[role].includes(right);

/** Roles that have a right by themselves, for what is looked up by role. */
export const rolesWith = (right: Right): Role[] => roles.filter((role) => rightsOf[role].includes(right));
