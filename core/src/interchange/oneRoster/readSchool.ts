import Papa from 'papaparse';
import { readArchive } from '../archive.ts';
import { decode } from '../decode.ts';

/** Something of a school's file, with the id by which its systems know it. */
export interface Sourced {
  id: string;
  name: string;
}

/** What of a school's OneRoster files is of use for marks. Empty where the file is not there. */
export interface School {
  people: Sourced[];
  classes: (Sourced & { school: string })[];
  periods: Sourced[];
  categories: Sourced[];
}

export type SchoolTrouble = 'notRead' | 'noPeople';

type Cells = Record<string, string>;

/** The rows of a file, by the names in its first line, whatever their case; deleted ones are left out. */
function rowsOf(bytes: Uint8Array | undefined): Cells[] {
  if (!bytes) return [];
  const { data } = Papa.parse<Cells>(decode(bytes).text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (head) => head.trim().toLowerCase(),
    transform: (cell) => cell.trim(),
  });
  return data.filter(({ sourcedid, status }) => sourcedid && status?.toLowerCase() !== 'tobedeleted');
}

const named = (rows: readonly Cells[]): Sourced[] =>
  rows.map(({ sourcedid, title }) => ({ id: sourcedid!, name: title || sourcedid! }));

/** Reads a school's export, whole (ZIP) or its users.csv alone: OneRoster 1.1 and 1.2. */
export function readSchool(bytes: Uint8Array): School | { trouble: SchoolTrouble } {
  const isZip = bytes[0] === 0x50 && bytes[1] === 0x4b;
  const archive = isZip ? readArchive(bytes) : new Map([['users.csv', bytes]]);
  if ('trouble' in archive) return { trouble: 'notRead' };
  // Some put all files into one folder.
  const file = (name: string) =>
    [...archive].find(([path]) => path.split('/').at(-1)!.toLowerCase() === `${name}.csv`)?.[1];
  const people = rowsOf(file('users')).flatMap(({ sourcedid, givenname, familyname, role }) => {
    const name = [givenname, familyname].filter(Boolean).join(' ');
    // In 1.1 each has one role; from 1.2 on roles stand in a file of their own.
    return name === '' || (role && role.toLowerCase() !== 'student') ? [] : [{ id: sourcedid!, name }];
  });
  if (people.length === 0) return { trouble: 'noPeople' };
  const classes = rowsOf(file('classes'));
  return {
    people,
    classes: named(classes).map((one, i) => ({ ...one, school: classes[i]!.schoolsourcedid ?? '' })),
    periods: named(rowsOf(file('academicsessions'))),
    categories: named(rowsOf(file('categories'))),
  };
}
