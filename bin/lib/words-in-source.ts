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

/** What stands before a key: nothing for tr, “place|” for trFor('place'); null for any other tag. */
function whereOf(tag: ts.Expression): string | null {
  if (tag.getText() === 'tr') return '';
  if (!ts.isCallExpression(tag) || tag.expression.getText() !== 'trFor') return null;
  const [said] = tag.arguments;
  return said !== undefined && ts.isStringLiteral(said) ? `${said.text}|` : null;
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
    if (ts.isTaggedTemplateExpression(node)) {
      const where = whereOf(node.tag);
      if (where !== null) found.add(`${where}${keyOf(node.template)}`);
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

/** Attributes of the toolkit that are read by people. */
const READ_BY_PEOPLE = new Set(
  'label title placeholder helperText alt subtitle hint aria-label aria-description aria-valuetext'.split(
    ' ',
  ),
);
/** Calls whose second argument refuses something in a sentence. */
const REFUSES = new Set(['refused', 'DomainError', 'MigrationError']);
/** A name, and what is sent to machines. */
const NO_WORDS = /^(Olvik|W|pH)$/;

/** True for what runs when its file is read: no function stands around it, or only one that a list is made by at once. */
function isEarly(node: ts.Node): boolean {
  let within: ts.Node = node;
  while (!ts.isSourceFile(within.parent)) {
    within = within.parent;
    if (ts.isPropertyDeclaration(within)) return false;
    if (!ts.isFunctionLike(within)) continue;
    const call = within.parent;
    const atOnce =
      ts.isCallExpression(call) && /\.(map|flatMap|from|filter)$/.test(call.expression.getText());
    if (!atOnce) return false;
  }
  return true;
}

/**
 * Words on a page and sentences that refuse something which no catalogue can say: they stand in the source as they are, or are
 * said before it is known in which language.
 * @returns each with its file and line
 */
export function unsaid(root: string): string[] {
  const found: string[] = [];
  const visitFile = (file: ts.SourceFile, own: string) => {
    const tell = (node: ts.Node, text: string) => {
      if (!SAYS_SOMETHING.test(text) || NO_WORDS.test(text.trim())) return;
      const { line } = file.getLineAndCharacterOfPosition(node.getStart());
      found.push(`${own}:${line + 1} ${text.trim()}`);
    };
    const plain = (node: ts.Node | undefined) => {
      if (node === undefined) return;
      if (ts.isStringLiteral(node)) tell(node, node.text);
      else if (ts.isTemplateLiteral(node)) tell(node, keyOf(node).replace(/\{\d+\}/g, ''));
      else if (ts.isConditionalExpression(node)) {
        plain(node.whenTrue);
        plain(node.whenFalse);
      } else if (ts.isJsxExpression(node) || ts.isParenthesizedExpression(node)) {
        plain(node.expression);
      }
    };
    const inJsx = (node: ts.Node): void => {
      if (ts.isJsxText(node)) tell(node, node.text);
      if (ts.isJsxExpression(node) && !ts.isJsxAttribute(node.parent)) plain(node);
      if (ts.isJsxAttribute(node) && READ_BY_PEOPLE.has(node.name.getText()))
        plain(node.initializer);
    };
    /** Of two things that are said in turn both are words. */
    const inTurn = (node: ts.ConditionalExpression): void => {
      const { whenTrue, whenFalse } = node;
      const isSaid = (one: ts.Node) =>
        ts.isTaggedTemplateExpression(one) && whereOf(one.tag) !== null;
      if (isSaid(whenTrue)) plain(whenFalse);
      if (isSaid(whenFalse)) plain(whenTrue);
    };
    const visit = (node: ts.Node): void => {
      inJsx(node);
      if (ts.isConditionalExpression(node)) inTurn(node);
      if (ts.isTaggedTemplateExpression(node) && whereOf(node.tag) !== null && isEarly(node))
        tell(node, `said before the language is known: ${node.getText()}`);
      if (
        (ts.isCallExpression(node) || ts.isNewExpression(node)) &&
        REFUSES.has(node.expression.getText())
      )
        plain(node.arguments?.[1]);
      ts.forEachChild(node, visit);
    };
    visit(file);
  };
  const { fileNames } = ts.parseJsonConfigFileContent(
    ts.readConfigFile(path.join(root, 'tsconfig.json'), (file) => ts.sys.readFile(file)).config,
    ts.sys,
    root,
  );
  for (const name of fileNames) {
    const own = path.relative(root, name);
    if (!own.startsWith(`src${path.sep}`) || /\.(test|d)\.tsx?$/.test(own)) continue;
    const text = ts.sys.readFile(name) ?? '';
    visitFile(ts.createSourceFile(name, text, ts.ScriptTarget.Latest, true), own);
  }
  return found;
}
