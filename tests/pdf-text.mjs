// Prints the text of a PDF: node tests/pdf-text.mjs FILE
import { readFileSync } from 'node:fs';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

const doc = await getDocument({
  data: new Uint8Array(readFileSync(process.argv[2])),
  verbosity: 0,
}).promise;
for (let number = 1; number <= doc.numPages; number += 1) {
  const { items } = await (await doc.getPage(number)).getTextContent();
  process.stdout.write(`${items.map((item) => item.str).join(' ')}\n`);
}
