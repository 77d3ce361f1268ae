import path from 'node:path';
import ts from 'typescript';

/** The text of a literal with {0}, {1} … where something stands in it. */
function keyOf(template: ts.TemplateLiteral): string {
  if (ts.isNoSubstitutionTemplateLiteral(template)) return template.text;
  return template.templateSpans.reduce(
    (key, span, at) => `${key}{${at}}${span.literal.text}`,
    template.head.text,
  );
}

/** The words that a value of a closed list can be. */
function wordsOf(type: ts.Type): string[] {
  const parts = type.isUnion() ? type.types : [type];
  return parts.flatMap((part) => (part.isStringLiteral() ? [part.value] : []));
}

const SAYS_SOMETHING = /\p{L}{2,}/u;

/**
 * Every sentence and word that the source says to a baker, as its key in the catalogues: what stands in tr`…`, in
 * word('…'), and each word of the closed lists that trOf says.
 * @param root folder of the project
 * @returns keys in alphabetical order
 */
export function sentencesOf(root: string): string[] {
  const config = ts.readConfigFile(path.join(root, 'tsconfig.json'), (file) =>
    ts.sys.readFile(file),
  );
  const parsed = ts.parseJsonConfigFileContent(config.config, ts.sys, root);
  const program = ts.createProgram(parsed.fileNames, parsed.options);
  const checker = program.getTypeChecker();
  const found = new Set<string>();
  const visit = (node: ts.Node): void => {
    if (ts.isTaggedTemplateExpression(node) && node.tag.getText() === 'tr') {
      found.add(keyOf(node.template));
    }
    if (ts.isCallExpression(node)) {
      const [said] = node.arguments;
      const name = node.expression.getText();
      if (name === 'word' && said !== undefined && ts.isStringLiteral(said)) found.add(said.text);
      if (name === 'trOf' && said !== undefined) {
        for (const word of wordsOf(checker.getTypeAtLocation(said))) found.add(word);
      }
    }
    ts.forEachChild(node, visit);
  };
  for (const file of program.getSourceFiles()) {
    const own = path.relative(root, file.fileName);
    if (own.startsWith(`src${path.sep}`) && !/\.test\.tsx?$/.test(own)) visit(file);
  }
  return [...found].filter((key) => SAYS_SOMETHING.test(key)).sort();
}
