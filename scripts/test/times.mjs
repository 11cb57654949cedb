/* A reporter that says how long the tests of each file took: a line of JSON a test, `[file, milliseconds]`. */
export default async function* times(events) {
  for await (const { type, data } of events) {
    const isWhole = (type === 'test:pass' || type === 'test:fail') && data.nesting === 0;
    if (isWhole && data.file) yield `${JSON.stringify([data.file, data.details.duration_ms])}\n`;
  }
}
