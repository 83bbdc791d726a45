/** What somebody is to a question set. */
export const roles = ['owner', 'editor', 'viewer'] as const;
export type Role = (typeof roles)[number];
/** Roles that an owner can give to others. */
export const givenRoles = ['editor', 'viewer'] as const satisfies readonly Role[];
export type GivenRole = (typeof givenRoles)[number];

export type Right = 'read' | 'edit' | 'copy' | 'own';

/**
 * What each role may do with a set. `mayCopy` is the owner's word on copies: it binds editors, too, and
 * files count as copies. It cannot keep anybody from reading aloud or typing off what they see.
 */
export function hasRight(role: Role, right: Right, mayCopy: boolean): boolean {
  if (role === 'owner') return true;
  if (right === 'copy') return mayCopy;
  return right === 'read' || (right === 'edit' && role === 'editor');
}
