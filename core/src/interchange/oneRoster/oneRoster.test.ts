import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import Papa from 'papaparse';
import { usualMarks, type MarkRule } from '../../report/marks/index.ts';
import { readArchive, writeArchive } from '../archive.ts';
import { packageFiles } from './columns.ts';
import { readSchool } from './readSchool.ts';
import { writeGradebook, type Gradebook, type Sourcing } from './writeGradebook.ts';

const text = (bytes: Uint8Array) => new TextDecoder().decode(bytes);
const bytes = (content: string) => new TextEncoder().encode(content);
const book: Gradebook = {
  id: 'distaff-9',
  title: 'Rivers, "again"',
  description: '',
  played: '2026-12-02T09:00:00.000Z',
  written: '2026-12-02T10:00:00.000Z',
  school: 'school-1',
  class: 'class-7b',
  period: 'autumn',
  category: { id: 'distaff-games', isNew: 'Games' },
};
const files = (packed: Uint8Array) => {
  const read = readArchive(packed);
  if ('trouble' in read) throw new Error(read.trouble);
  return new Map(
    [...read].map(([name, content]) => [
      name,
      Papa.parse<Record<string, string>>(text(content), { header: true, skipEmptyLines: true }).data,
    ]),
  );
};
const letters: MarkRule = {
  ...usualMarks,
  scale: {
    kind: 'letters',
    steps: [
      { name: 'A', from: 50 },
      { name: 'F', from: 0 },
    ],
  },
};

// OneRoster 1.2 CSV binding: what is required of each file, and the words for how a score stands, from memory.
const required = {
  'categories.csv': ['sourcedId', 'title'],
  'lineItems.csv': [
    'sourcedId',
    'title',
    'assignDate',
    'dueDate',
    'classSourcedId',
    'categorySourcedId',
    'gradingPeriodSourcedId',
  ],
  'results.csv': ['sourcedId', 'lineItemSourcedId', 'studentSourcedId', 'scoreStatus', 'scoreDate'],
};
const statuses = ['exempt', 'fully graded', 'not submitted', 'partially graded', 'submitted'];

describe('OneRoster 1.2', () => {
  it('fills what is required, names every file in the manifest, and is a delta', () => {
    const aMark = fc.record({
      student: fc.uuid(),
      mark: fc.option(fc.integer({ min: 0, max: 100 })),
      raw: fc.constant(50),
      answered: fc.nat(9),
      extra: fc.constant(0),
    });
    fc.assert(
      fc.property(fc.uniqueArray(aMark, { selector: ({ student }) => student }), (marks) => {
        const read = files(writeGradebook(book, usualMarks, marks));
        for (const [name, columns] of Object.entries(required))
          for (const row of read.get(name)!)
            for (const column of columns) expect([name, column, row[column]]).not.toContain('');
        const manifest = new Map(read.get('manifest.csv')!.map((row) => [row.propertyName, row.value]));
        for (const name of packageFiles)
          expect(manifest.get(`file.${name}`)).toBe(read.has(`${name}.csv`) ? 'delta' : 'absent');
        const results = read.get('results.csv')!;
        expect(results.map((row) => [row.studentSourcedId, row.score])).toEqual(
          marks.map(({ student, mark }) => [student, mark === null ? '' : String(mark)]),
        );
        for (const row of results) {
          expect(statuses).toContain(row.scoreStatus);
          expect(row.lineItemSourcedId).toBe(read.get('lineItems.csv')![0]!.sourcedId);
          expect(row.scoreDate).toMatch(/^\d{4}-\d\d-\d\d$/);
          expect(row.status).toBe('active');
        }
        expect(new Set(results.map((row) => row.sourcedId)).size).toBe(marks.length);
      }),
    );
  });

  it('says a letter beside the number it comes from, and between what it lies', () => {
    const marks: Sourcing[] = [{ student: 's', mark: 'A', raw: 61.666, extra: 5, answered: 3 }];
    const read = files(writeGradebook(book, letters, marks));
    expect(read.get('results.csv')![0]).toMatchObject({ score: '66.67', textScore: 'A', missing: 'false' });
    expect(read.get('lineItems.csv')![0]).toMatchObject({
      title: book.title,
      resultValueMin: '0',
      resultValueMax: '100',
    });
    const down: MarkRule = { ...usualMarks, scale: { kind: 'range', worst: 6, best: 1, pass: null } };
    expect(files(writeGradebook(book, down, marks)).get('lineItems.csv')![0]).toMatchObject({
      resultValueMin: '1',
      resultValueMax: '6',
    });
    const group = files(writeGradebook({ ...book, id: 'distaff-group-7B / ä' }, letters, marks));
    expect(group.get('lineItems.csv')![0]!.sourcedId).toBe('distaff-group-7B~20~2f~20~e4');
    expect(group.get('results.csv')![0]!.lineItemSourcedId).toBe('distaff-group-7B~20~2f~20~e4');
    const known = { ...book, category: { id: 'tests', isNew: null } };
    expect(files(writeGradebook(known, letters, marks)).has('categories.csv')).toBe(false);
  });

  it('reads who is in a school, whole or from one file, without teachers and the deleted', () => {
    const users =
      'sourcedId,status,givenName,familyName,role\r\nu1,active,Ada,Brook,student\r\nu2,,Carl,"Dale, Jr",student\r\nu3,tobedeleted,Eve,Fen,student\r\nu4,,Gil,Hill,teacher\r\n';
    expect(readSchool(bytes(users))).toEqual({
      people: [
        { id: 'u1', name: 'Ada Brook' },
        { id: 'u2', name: 'Carl Dale, Jr' },
      ],
      classes: [],
      periods: [],
      categories: [],
    });
    const packed = writeArchive(
      new Map([
        ['export/users.csv', bytes('\uFEFF"sourcedId","givenName","familyName"\n"u1","Ada","Brook"\n')],
        ['export/classes.csv', bytes('sourcedId,title,schoolSourcedId\nc1,7B,s1\n')],
        ['export/academicSessions.csv', bytes('sourcedId,title\nt1,Autumn\n')],
      ]),
    );
    expect(readSchool(packed)).toMatchObject({
      people: [{ id: 'u1', name: 'Ada Brook' }],
      classes: [{ id: 'c1', name: '7B', school: 's1' }],
      periods: [{ id: 't1', name: 'Autumn' }],
    });
    expect(readSchool(bytes('a,b\n1,2\n'))).toEqual({ trouble: 'noPeople' });
    expect(readSchool(bytes('PK broken'))).toEqual({ trouble: 'notRead' });
  });
});
