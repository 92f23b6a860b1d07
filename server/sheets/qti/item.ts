import { CLOCK_PARTS, UNITS, rightAnswers, writingsShown, type Answer } from '../../../core/items/index.ts';
import { partName } from '../../../core/asking/index.ts';
import type { Conventions } from '../../../core/conventions/index.ts';
import { acceptedWritings } from '../../../core/marking/index.ts';
import { askedOnPaper, clockPicture, partPicture, type ClockLook, type PaperItem } from '../../../core/sheets/index.ts';
import { teacherSentence } from '../../../core/reporting/index.ts';
import { digital, say, sentence } from '../../../core/wording/index.ts';

/** An element of XML as the builder of XML takes it: attributes begin with `@_`, text is `#text`. */
export type Xml = { readonly [name: string]: string | Xml | readonly Xml[] | undefined };

/** Pictures an item needs, by file name. */
export type Pictures = Map<string, string>;

/** An item of QTI 3.0: its element, and the pictures it shows. */
export interface QtiItem {
  readonly id: string;
  readonly title: string;
  readonly xml: Xml;
  readonly pictures: Pictures;
}

/** What QTI has no interaction for: a drawing of hands is no hot spot and no position of one object. */
const CANNOT_SAY: ReadonlySet<PaperItem['kind']> = new Set<PaperItem['kind']>(['draw', 'set-hour-hand']);
export const canBeSaid = (item: PaperItem): boolean => !CANNOT_SAY.has(item.kind);

const NAMESPACE = 'http://www.imsglobal.org/xsd/imsqtiasi_v3p0';
const SCHEMA = 'https://purl.imsglobal.org/spec/qti/v3p0/schema/xsd/imsqti_asiv3p0_v1p0.xsd';
const TEMPLATES = 'https://purl.imsglobal.org/spec/qti/v3p0/rptemplates';
export const XSI = 'http://www.w3.org/2001/XMLSchema-instance';

/** What can be answered, and what is asked. */
interface Interaction {
  readonly cardinality: 'single' | 'multiple' | 'ordered';
  readonly baseType: 'identifier' | 'directedPair' | 'string';
  /** The right values, the usual first. Of a text each is right by itself. */
  readonly right: readonly string[];
  readonly body: Xml;
}

const letter = (place: number): string => String.fromCharCode(65 + place);
const chosenOf = (answer: Answer | undefined): readonly number[] => (answer?.kind === 'choice' ? answer.chosen : []);

/** Things to choose from, each words or a clock. */
const choice = (prompt: string, options: readonly Xml[], right: readonly number[]): Interaction => ({
  cardinality: right.length > 1 ? 'multiple' : 'single',
  baseType: 'identifier',
  right: right.map(letter),
  body: {
    'qti-choice-interaction': {
      '@_response-identifier': 'RESPONSE',
      '@_shuffle': 'false',
      '@_max-choices': right.length > 1 ? String(options.length) : '1',
      'qti-prompt': prompt,
      'qti-simple-choice': options.map((option, place) => ({ '@_identifier': letter(place), ...option })),
    },
  },
});

/** Makes the items of one form of a sheet. @param form names it in their identifiers, of which no other package item has the same */
export const createQti = (conventions: Conventions, look: ClockLook, form: string) => {
  const words = (key: string): string => sentence({ key, values: {} }, conventions);
  const plain = (text: string): Xml => ({ '#text': text });
  const itemOf = (item: PaperItem, place: number): QtiItem => {
    const id = `${form}-task-${place + 1}`;
    const pictures: Pictures = new Map();
    const shown = ({ svg, alt }: ReturnType<typeof clockPicture>): Xml => {
      const name = `${id}-clock-${pictures.size + 1}.svg`;
      pictures.set(name, svg);
      return { img: { '@_src': name, '@_alt': alt } };
    };
    /** A clock as a picture. Its description says where the hands are, not the time: that is the question. */
    const clock = (what: Parameters<typeof clockPicture>[0]): Xml => shown(clockPicture(what, look, conventions));
    const prompt = askedOnPaper(item, conventions);
    const [right] = rightAnswers(item, conventions);
    const text = (expected: readonly string[]): Interaction => ({
      cardinality: 'single',
      baseType: 'string',
      right: expected,
      body: {
        p: [
          plain(prompt),
          {
            'qti-text-entry-interaction': { '@_response-identifier': 'RESPONSE', '@_expected-length': '12' },
          },
        ],
      },
    });
    const texts = acceptedWritings(item, conventions);

    const interaction = (): { readonly above?: Xml; readonly asks: Interaction } | undefined => {
      switch (item.kind) {
        case 'choose-clock':
          return {
            asks: choice(
              prompt,
              item.options.map((picture) => clock({ picture })),
              chosenOf(right),
            ),
          };
        case 'which-of':
          return {
            asks: choice(
              prompt,
              item.options.map(({ time, form }) =>
                form === 'analog' ? clock({ time }) : plain(digital(time, conventions)),
              ),
              chosenOf(right),
            ),
          };
        case 'choose-words':
          return {
            above: clock({ time: item.shown }),
            asks: choice(
              prompt,
              item.options.map((time) => plain(say(time, conventions))),
              chosenOf(right),
            ),
          };
        case 'digits-to-words':
          return {
            asks: choice(
              prompt,
              item.options.map((time) => plain(say(time, conventions))),
              chosenOf(right),
            ),
          };
        case 'choose-writings':
          return {
            above: clock({ time: item.shown }),
            asks: hottext(prompt, writingsShown(item, conventions), chosenOf(right)),
          };
        case 'write-digital':
        case 'write-words':
          return { above: clock({ time: item.shown }), asks: text(texts) };
        case 'words-to-digits':
          return { asks: text(texts) };
        case 'hour-hand':
          return {
            above: clock({ time: item.shown, only: 'hour' }),
            asks: text(right?.kind === 'hour' ? [String(right.hour)] : []),
          };
        case 'name-part':
          return {
            above: shown(partPicture(item.part, look, conventions)),
            asks: choice(
              words('clock.ask.pointed-part'),
              CLOCK_PARTS.map((part) => plain(partName(part, conventions))),
              [CLOCK_PARTS.indexOf(item.part)],
            ),
          };
        case 'direction':
          return {
            asks: choice(
              words('clock.ask.direction'),
              (['clockwise', 'anticlockwise'] as const).map((way) =>
                plain(teacherSentence({ key: `teacher.answered.${way}`, values: {} }, conventions)),
              ),
              [0],
            ),
          };
        case 'yet':
        case 'judge-clock': {
          const yes = right?.kind === 'yes-no' ? right.yes : right?.kind === 'judgement' && right.possible;
          return {
            above: item.kind === 'yet' ? clock({ time: item.shown }) : clock({ picture: item.clock }),
            asks: choice(prompt, [plain(words('clock.paper.yes')), plain(words('clock.paper.no'))], [yes ? 0 : 1]),
          };
        }
        case 'how-long':
          return {
            asks: choice(
              sentence({ key: 'clock.ask.how-long', values: { deed: words(`clock.deeds.${item.deed}`) } }, conventions),
              UNITS.map((unit) => plain(words(`clock.units.${unit}`))),
              right?.kind === 'unit' ? [UNITS.indexOf(right.unit)] : [],
            ),
          };
        case 'pair':
          return { asks: match(item) };
        case 'day-order':
          return {
            asks: {
              cardinality: 'ordered',
              baseType: 'identifier',
              right: right?.kind === 'order' ? right.order.map(letter) : [],
              body: {
                'qti-order-interaction': {
                  '@_response-identifier': 'RESPONSE',
                  '@_shuffle': 'false',
                  'qti-prompt': words('clock.ask.day-order'),
                  'qti-simple-choice': item.events.map((event, i) => ({
                    '@_identifier': letter(i),
                    '#text': words(`clock.dayEvents.${event}`),
                  })),
                },
              },
            },
          };
        case 'draw':
        case 'set-hour-hand':
          return undefined;
      }
    };
    /** Clocks on one side, digits and words on the other, each clock joined to two. */
    const match = ({ times, digitsOrder, wordsOrder }: Extract<PaperItem, { kind: 'pair' }>): Interaction => ({
      cardinality: 'multiple',
      baseType: 'directedPair',
      right: times.flatMap((_, i) => [
        `C${i + 1} D${digitsOrder.indexOf(i) + 1}`,
        `C${i + 1} W${wordsOrder.indexOf(i) + 1}`,
      ]),
      body: {
        'qti-match-interaction': {
          '@_response-identifier': 'RESPONSE',
          '@_shuffle': 'false',
          '@_max-associations': String(times.length * 2),
          'qti-prompt': prompt,
          'qti-simple-match-set': [
            {
              'qti-simple-associable-choice': times.map((time, i) => ({
                '@_identifier': `C${i + 1}`,
                '@_match-max': '2',
                ...clock({ time }),
              })),
            },
            {
              'qti-simple-associable-choice': [
                ...digitsOrder.map((one, i) => ({
                  '@_identifier': `D${i + 1}`,
                  '@_match-max': '1',
                  '#text': digital(times[one]!, conventions),
                })),
                ...wordsOrder.map((one, i) => ({
                  '@_identifier': `W${i + 1}`,
                  '@_match-max': '1',
                  '#text': say(times[one]!, conventions),
                })),
              ],
            },
          ],
        },
      },
    });
    const found = interaction();
    if (found === undefined) throw new RangeError(`QTI cannot say ${item.kind}`);
    const { above, asks } = found;
    // Players show it above the task: it must not say what is asked.
    const title = teacherSentence({ key: 'teacher.sheets.taskNumber', values: { number: place + 1 } }, conventions);
    return { id, title, pictures, xml: assessmentItem(id, title, conventions.locale, above, asks) };
  };
  return itemOf;
};

/** Writings in a line of text, of which the right ones are marked. */
const hottext = (prompt: string, options: readonly string[], right: readonly number[]): Interaction => ({
  cardinality: 'multiple',
  baseType: 'identifier',
  right: right.map(letter),
  body: {
    'qti-hottext-interaction': {
      '@_response-identifier': 'RESPONSE',
      '@_max-choices': String(options.length),
      'qti-prompt': prompt,
      p: { 'qti-hottext': options.map((text, place) => ({ '@_identifier': letter(place), '#text': text })) },
    },
  },
});

/** A whole item. Of texts every right one scores, whatever its capitals; of all else the response must be the right one. */
const assessmentItem = (
  id: string,
  title: string,
  language: string,
  above: Xml | undefined,
  asks: Interaction,
): Xml => {
  const isText = asks.baseType === 'string';
  const values = (isText ? asks.right.slice(0, 1) : asks.right).map((value) => ({ '#text': value }));
  return {
    'qti-assessment-item': {
      '@_xmlns': NAMESPACE,
      '@_xmlns:xsi': XSI,
      '@_xsi:schemaLocation': `${NAMESPACE} ${SCHEMA}`,
      '@_identifier': id,
      '@_title': title,
      '@_adaptive': 'false',
      '@_time-dependent': 'false',
      '@_xml:lang': language,
      'qti-response-declaration': {
        '@_identifier': 'RESPONSE',
        '@_cardinality': asks.cardinality,
        '@_base-type': asks.baseType,
        'qti-correct-response': { 'qti-value': values },
        ...(isText && {
          'qti-mapping': {
            '@_default-value': '0',
            'qti-map-entry': asks.right.map((text) => ({
              '@_map-key': text,
              '@_mapped-value': '1',
              '@_case-sensitive': 'false',
            })),
          },
        }),
      },
      'qti-outcome-declaration': {
        '@_identifier': 'SCORE',
        '@_cardinality': 'single',
        '@_base-type': 'float',
        'qti-default-value': { 'qti-value': '0' },
      },
      'qti-item-body': { ...(above !== undefined && { div: above }), ...asks.body },
      'qti-response-processing': { '@_template': `${TEMPLATES}/${isText ? 'map_response' : 'match_correct'}.xml` },
    },
  };
};
