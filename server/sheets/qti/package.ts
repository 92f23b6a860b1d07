import { XMLBuilder } from 'fast-xml-parser';
import { strToU8, zipSync } from 'fflate';
import type { Sheet } from '../../../contract/index.ts';
import type { Conventions } from '../../../core/conventions/index.ts';
import { teacherSentence } from '../../../core/reporting/index.ts';
import { FORM_LETTERS, lookOf } from '../../../core/sheets/index.ts';
import { OWN_FILE, writeSheetFile } from '../sheetFile.ts';
import { XSI, canBeSaid, createQti, type Xml } from './item.ts';

const MANIFEST = 'http://www.imsglobal.org/xsd/qti/qtiv3p0/imscp_v1p1';
const MANIFEST_SCHEMA = 'https://purl.imsglobal.org/spec/qti/v3p0/schema/xsd/imsqtiv3p0_imscpv1p2_v1p0.xsd';

const TEST_NAMESPACE = 'http://www.imsglobal.org/xsd/imsqtiasi_v3p0';
const TEST_SCHEMA = 'https://purl.imsglobal.org/spec/qti/v3p0/schema/xsd/imsqti_asiv3p0_v1p0.xsd';

const builder = new XMLBuilder({
  ignoreAttributes: false,
  format: true,
  suppressEmptyNode: true,
  suppressBooleanAttributes: false,
});
/**
 * An apostrophe is not written by its name, which XML allows but never needs where attributes stand in double quotes: a common player
 * compares what a child types with `&apos;` to the letter.
 */
const written = (xml: Xml): string =>
  (builder.build({ '?xml': { '@_version': '1.0', '@_encoding': 'UTF-8' }, ...xml }) as string).replaceAll(
    '&apos;',
    "'",
  );

interface Resource {
  readonly id: string;
  readonly href: string;
  readonly files: readonly string[];
}

/** The file of the test that bundles the items. */
const TEST_FILE = 'test.xml';

/** One form of a sheet, with its items in order. */
interface Form {
  readonly name: string;
  readonly title: string;
  readonly items: readonly Resource[];
}

/** A test of all items, a section a form: one after another, each as often as a child likes. */
const testOf = (title: string, language: string, forms: readonly Form[]): Xml => ({
  'qti-assessment-test': {
    '@_xmlns': TEST_NAMESPACE,
    '@_xmlns:xsi': XSI,
    '@_xsi:schemaLocation': `${TEST_NAMESPACE} ${TEST_SCHEMA}`,
    '@_identifier': 'test',
    '@_title': title,
    '@_xml:lang': language,
    'qti-test-part': {
      '@_identifier': 'part',
      '@_navigation-mode': 'nonlinear',
      '@_submission-mode': 'individual',
      'qti-assessment-section': forms.map((form) => ({
        '@_identifier': form.name,
        '@_title': form.title,
        '@_visible': 'true',
        'qti-assessment-item-ref': form.items.map(({ id, href }) => ({ '@_identifier': id, '@_href': href })),
      })),
    },
  },
});

const manifestOf = (id: string, items: readonly Resource[], others: readonly string[]): Xml => ({
  manifest: {
    '@_xmlns': MANIFEST,
    '@_xmlns:xsi': XSI,
    '@_xsi:schemaLocation': `${MANIFEST} ${MANIFEST_SCHEMA}`,
    '@_identifier': `sheet-${id}`,
    metadata: { schema: 'QTI Package', schemaversion: '3.0.0' },
    organizations: '',
    resources: {
      resource: [
        {
          '@_identifier': 'test',
          '@_type': 'imsqti_test_xmlv3p0',
          '@_href': TEST_FILE,
          file: { '@_href': TEST_FILE },
          dependency: items.map((item) => ({ '@_identifierref': item.id })),
        },
        ...items.map(({ id: item, href, files }) => ({
          '@_identifier': item,
          '@_type': 'imsqti_item_xmlv3p0',
          '@_href': href,
          file: [href, ...files].map((file) => ({ '@_href': file })),
        })),
        ...others.map((file, i) => ({
          '@_identifier': `other-${i + 1}`,
          '@_type': 'webcontent',
          '@_href': file,
          file: { '@_href': file },
        })),
      ],
    },
  },
});

/**
 * A sheet as a package of QTI 3.0 items: one a task and form that QTI can say, with the pictures they show, a test that bundles them, the
 * manifest, the sheet's own file, from which it is read back, and a text that says what was left out.
 */
export const qtiPackage = (sheet: Pick<Sheet, 'id' | 'recipe' | 'content'>, conventions: Conventions): Uint8Array => {
  const { content } = sheet;
  const look = lookOf(content.help, content);
  const files: Record<string, Uint8Array> = {};
  let leftOut = 0;
  const forms = content.forms.map((tasks, which): Form => {
    const sign = content.forms.length === FORM_LETTERS.length ? FORM_LETTERS[which]! : String(which + 1);
    const name = `form-${sign}`;
    const itemOf = createQti(conventions, look, name);
    const items = tasks.flatMap((task, place): Resource[] => {
      if (!canBeSaid(task)) {
        leftOut += 1;
        return [];
      }
      const { id, xml, pictures } = itemOf(task, place);
      const href = `${name}/${id}.xml`;
      files[href] = strToU8(written(xml));
      const shown = [...pictures].map(([picture, svg]) => {
        files[`${name}/${picture}`] = strToU8(svg);
        return `${name}/${picture}`;
      });
      return [{ id, href, files: shown }];
    });
    const title = teacherSentence({ key: 'teacher.sheets.form', values: { form: sign } }, conventions);
    return { name, title, items };
  });
  const items = forms.flatMap((form) => form.items);
  files[TEST_FILE] = strToU8(written(testOf(content.title, conventions.locale, forms)));
  files[OWN_FILE] = strToU8(writeSheetFile(sheet));
  const others = [OWN_FILE];
  if (leftOut > 0) {
    files['left-out.txt'] = strToU8(
      `${teacherSentence({ key: 'teacher.sheets.leftOut', values: { count: leftOut } }, conventions)}\n`,
    );
    others.push('left-out.txt');
  }
  files['imsmanifest.xml'] = strToU8(written(manifestOf(sheet.id, items, others)));
  // Times of the files are left out, so that the same sheet is the same package.
  return zipSync(files, { level: 6, mtime: new Date('2000-01-01T00:00:00Z') });
};
