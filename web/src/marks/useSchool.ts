import { readSchool, writeGradebook, type School, type SchoolTrouble } from '@distaff/core/interchange';
import { readOwnSheet, type Mark, type MarkRule } from '@distaff/core/report';
import { computed, reactive, ref, shallowRef } from 'vue';

/** What a field holds in which one may choose something that is known, or write an id. */
export type Known = { title: string; value: string } | string | null;
const idIn = (known: Known): string => (typeof known === 'string' ? known : (known?.value ?? '')).trim();

/** With what a grade book of OneRoster is put together: the school's own file, if there is one, and where marks go. */
export function useSchool(marks: () => readonly Mark[], rule: () => MarkRule) {
  const file = ref('');
  const school = shallowRef<School | null>(null);
  const trouble = ref<SchoolTrouble | null>(null);
  /** What the host says of doubtful people. */
  const said = ref(new Map<number, string>());
  const place = reactive<Record<'class' | 'period' | 'category' | 'school', Known>>({
    class: null,
    period: null,
    category: null,
    school: '',
  });

  function open(name: string, bytes: Uint8Array): void {
    const read = readSchool(bytes);
    file.value = name;
    said.value = new Map();
    trouble.value = 'trouble' in read ? read.trouble : null;
    school.value = 'trouble' in read ? null : read;
    if (!school.value) return;
    const only = (known: ReturnType<typeof knownOf>) => (known.length === 1 ? known[0]! : null);
    place.class = only(knownOf('classes')) ?? place.class;
    place.period = only(knownOf('periods')) ?? place.period;
    place.school = school.value.classes[0]?.school || place.school;
  }
  const knownOf = (what: 'classes' | 'periods' | 'categories') =>
    (school.value?.[what] ?? []).map(({ id, name }) => ({ title: name, value: id }));
  const rows = computed(() => (school.value?.people ?? []).map(({ name }) => [name]));
  const read = computed(() => readOwnSheet(rows.value, [0], marks(), said.value, false));
  const settle = (row: number, what: string) => (said.value = new Map(said.value).set(row, what));
  const isReady = computed(
    () =>
      [place.class, place.period].every((one) => idIn(one) !== '') &&
      (!school.value || read.value.settled.length > 0),
  );

  /** The file. `column` says what is marked; `games` how a category is called that the school does not have yet. */
  function made(
    column: { id: string; title: string; played: number; now: number },
    games: string,
  ): Uint8Array {
    const byId = new Map(marks().map((mark) => [mark.id, mark]));
    // Without the school's file everybody has the id by which they are known here.
    const sourced = school.value
      ? read.value.settled.map(({ row, id }) => ({
          ...byId.get(id)!,
          student: school.value!.people[row]!.id,
        }))
      : marks().map((mark) => ({ ...mark, student: mark.id }));
    const category = idIn(place.category);
    const own = { id: 'distaff-games', isNew: games };
    return writeGradebook(
      {
        id: `distaff-${column.id}`,
        title: column.title,
        description: '',
        played: new Date(column.played).toISOString(),
        written: new Date(column.now).toISOString(),
        school:
          school.value?.classes.find(({ id }) => id === idIn(place.class))?.school || idIn(place.school),
        class: idIn(place.class),
        period: idIn(place.period),
        category: category === '' ? own : { id: category, isNew: null },
      },
      rule(),
      sourced,
    );
  }

  return { file, school, trouble, place, knownOf, read, settle, isReady, open, made };
}
