import { account } from './en/account.ts';
import { bring } from './en/bring.ts';
import { building } from './en/building.ts';
import { editors } from './en/formats.ts';
import { extras } from './en/extras.ts';
import { form } from './en/form.ts';
import { rules } from './en/rules.ts';
import { check } from './en/check.ts';
import { desk } from './en/desk.ts';
import { groups } from './en/groups.ts';
import { handset } from './en/handset.ts';
import { leagues } from './en/leagues.ts';
import { learnt } from './en/learnt.ts';
import { library } from './en/library.ts';
import { look } from './en/look.ts';
import { media } from './en/media.ts';
import { overlay } from './en/overlay.ts';
import { joining } from './en/joining.ts';
import { keeping } from './en/keeping.ts';
import { people } from './en/people.ts';
import { practice } from './en/practice.ts';
import { practices } from './en/practices.ts';
import { preview } from './en/preview.ts';
import { print } from './en/print.ts';
import { rehearsal } from './en/rehearsal.ts';
import { problems } from './en/problems.ts';
import { refusals } from './en/refusals.ts';
import { report } from './en/report.ts';
import { review } from './en/review.ts';
import { share } from './en/share.ts';
import { showFile } from './en/showFile.ts';
import { stage } from './en/stage.ts';
import { studio } from './en/studio.ts';

/** The words of all surfaces; a phone carries but its own. */
export const all = {
  account,
  bring,
  building,
  extras,
  form,
  rules,
  check,
  desk,
  editors,
  groups,
  handset,
  keeping,
  leagues,
  learnt,
  library,
  look,
  media,
  overlay,
  people,
  practice,
  practices,
  preview,
  print,
  refusals: { ...joining, ...refusals, ...problems },
  rehearsal,
  report,
  review,
  share,
  showFile,
  stage,
  studio,
};
