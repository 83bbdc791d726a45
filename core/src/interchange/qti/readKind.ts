import type { KindName } from '../../question/kinds/index.ts';
import { foldText } from '../../text/fold.ts';
import { OWN_CLASS } from './writeItem.ts';
import { all, textOf, type XmlElement } from './xml.ts';
import type { QtiItem } from './qtiItem.ts';

export interface FoundKind {
  kind: KindName;
  /** The interaction and what is declared for its response; null for an item that is only read. */
  interaction: XmlElement | null;
  response: XmlElement | null;
}

const COVERED = [
  'choiceInteraction',
  'inlineChoiceInteraction',
  'orderInteraction',
  'matchInteraction',
  'textEntryInteraction',
  'extendedTextInteraction',
] as const;

function interactions(root: XmlElement): XmlElement[] {
  return root.children.flatMap((child) =>
    typeof child === 'string' ? [] : child.name.endsWith('Interaction') ? [child] : interactions(child),
  );
}

/** Which of our kinds covers the interaction of an item; an item of several, or of another sort, is said. */
export function nearestKind(item: QtiItem, body: XmlElement): FoundKind {
  const found = interactions(body);
  const covered = found.filter((one) => (COVERED as readonly string[]).includes(one.name));
  for (const one of found) if (!covered.includes(one)) item.say('unsaid', 'kind', one.name);
  for (const more of covered.slice(1)) item.say('unsaid', 'kind', more.name);
  const interaction = covered[0];
  if (!interaction) return { kind: found.length > 0 ? 'aloud' : 'card', interaction: null, response: null };
  const response =
    all(item.root, 'responseDeclaration').find(
      (one) => one.attributes.identifier === interaction.attributes.responseIdentifier,
    ) ?? null;
  return { kind: kindFor(interaction, response, body), interaction, response };
}

function kindFor(interaction: XmlElement, response: XmlElement | null, body: XmlElement): KindName {
  const { cardinality = 'single', baseType = 'identifier' } = response?.attributes ?? {};
  const classes = (body.attributes.class ?? '').split(/\s+/);
  for (const own of ['opinion', 'scale', 'words'] as const) if (classes.includes(OWN_CLASS[own])) return own;
  switch (interaction.name) {
    case 'orderInteraction':
      return 'order';
    case 'matchInteraction':
      return 'match';
    case 'extendedTextInteraction':
      return 'aloud';
    case 'textEntryInteraction':
      return baseType === 'float' || baseType === 'integer' ? 'number' : 'text';
    default: {
      if (cardinality === 'multiple') return 'many';
      const choices = all(interaction, 'simpleChoice');
      const said = (words: RegExp) =>
        choices.some(
          (one) => words.test(one.attributes.identifier ?? '') || words.test(foldText(textOf(one))),
        );
      return choices.length === 2 && said(/^(?:true|t)$/i) && said(/^(?:false|f)$/i) ? 'truefalse' : 'choice';
    }
  }
}
