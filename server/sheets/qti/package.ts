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

const builder = new XMLBuilder({ ignoreAttributes: false, format: true, suppressEmptyNode: true });
const written = (xml: Xml): string =>
  builder.build({ '?xml': { '@_version': '1.0', '@_encoding': 'UTF-8' }, ...xml }) as string;

interface Resource {
  readonly id: string;
  readonly href: string;
  readonly files: readonly string[];
}

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
 * A sheet as a package of QTI 3.0 items: one a task and form that QTI can say, with the pictures they show, the manifest, the sheet's own
 * file, from which it is read back, and a text that says what was left out.
 */
export const qtiPackage = (sheet: Pick<Sheet, 'id' | 'recipe' | 'content'>, conventions: Conventions): Uint8Array => {
  const { content } = sheet;
  const itemOf = createQti(conventions, lookOf(content.help, content));
  const files: Record<string, Uint8Array> = {};
  const items: Resource[] = [];
  let leftOut = 0;
  content.forms.forEach((form, which) => {
    const folder = content.forms.length === FORM_LETTERS.length ? `form-${FORM_LETTERS[which]}` : `form-${which + 1}`;
    form.forEach((task, place) => {
      if (!canBeSaid(task)) {
        leftOut += 1;
        return;
      }
      const { id, xml, pictures } = itemOf(task, place);
      const href = `${folder}/${id}.xml`;
      files[href] = strToU8(written(xml));
      const shown = [...pictures].map(([name, svg]) => {
        files[`${folder}/${name}`] = strToU8(svg);
        return `${folder}/${name}`;
      });
      items.push({ id: `${folder}-${id}`, href, files: shown });
    });
  });
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
