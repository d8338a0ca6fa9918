/** A skill or activity as the files of a pack hold it; see docs/formats/know-how.md. */
// biome-ignore lint/suspicious/noExplicitAny: the schema that checks it is the server's
export type Document = Record<string, any>
