import type { Doc } from './document.ts';

/** What a reader who hears a document meets: a heading, a line of words, a drawing that is named. */
export type Tag = 'H1' | 'P' | 'Figure';
type Element = ReturnType<Doc['struct']>;

/** The element that what is drawn next belongs to. */
const open = new WeakMap<Doc, Element>();

/** Begins what is heard of a document: all of it hangs under one root, as PDF has it (ISO 32000-1, 14.8.4.2). */
export const beginTags = (doc: Doc): Element => {
  const root = doc.struct('Document');
  doc.addStructure(root);
  open.set(doc, root);
  return root;
};

/** A part of the document, such as a child's page: what is drawn until it ends belongs to it. @returns ends it */
export const beginSection = (doc: Doc, title: string): (() => void) => {
  const parent = open.get(doc)!;
  const section = doc.struct('Sect', { title });
  parent.add(section);
  open.set(doc, section);
  return () => {
    section.end();
    open.set(doc, parent);
  };
};

/** Draws something that is heard. @param alt a drawing in words */
export const heard = (doc: Doc, tag: Tag, draw: () => void, alt?: string): void => {
  open.get(doc)!.add(doc.struct(tag, alt === undefined ? {} : { alt }, draw));
};

/** Draws something that is only seen. */
export const seen = (doc: Doc, draw: () => void): void => {
  doc.markContent('Artifact', { type: 'Layout' });
  draw();
  doc.endMarkedContent();
};
