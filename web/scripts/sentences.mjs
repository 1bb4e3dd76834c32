// Gathers every sentence that the pages, the server and the core can show, so that all of them can be read in one sitting: docs/sentences.md.
// `node scripts/sentences.mjs` writes it; the test of it says where it is behind, and what may not be said.
import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import { join, relative } from "node:path";
import ts from "typescript";

const ROOT = join(import.meta.dirname, "../..");
const LIST = join(ROOT, "docs/sentences.md");

/** What holds words for programs: classes, addresses, drawings. */
const ATTRIBUTES = /^(label|title|text|placeholder|hint|aria-label|lead|alt|words|name|error|detail|unit)$/;

function files(folder, ending) {
  return readdirSync(join(ROOT, folder), { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && entry.name.match(ending))
    .map((entry) => join(entry.parentPath ?? entry.path, entry.name))
    .sort();
}

const plain = (text) => text.replace(/\s+/g, " ").trim();

/** Two words or more, or one that begins as a sentence does. */
const isSaid = (text) => /[A-Za-z]{2}/.test(text) && (/\S \S/.test(text) || /^[A-Z][a-z]+[.?!]?$/.test(text));

function ofPage(file) {
  const source = ts.createSourceFile(file, readFileSync(file, "utf8"), ts.ScriptTarget.Latest, true, file.endsWith("x") ? ts.ScriptKind.TSX : ts.ScriptKind.TS);
  const said = [];
  const visit = (node) => {
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node) || ts.isTypeNode(node)) {
      return;
    }
    if (ts.isJsxAttribute(node) && !ATTRIBUTES.test(node.name.getText()) && node.initializer && ts.isStringLiteral(node.initializer)) {
      return;
    }
    if (ts.isJsxAttribute(node) && /^(className|d|viewBox|href|style|key|to)$/.test(node.name.getText())) {
      return;
    }
    if (ts.isJsxText(node)) {
      said.push(plain(node.text));
    } else if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) {
      const inClass = /(^|\s)(bg-|text-|flex|grid|min-|max-|border|rounded|px-|py-|stroke-|fill-|btn|font-|size-|w-|h-|gap-)/.test(node.text);
      if (!inClass) {
        said.push(plain(node.text));
      }
    } else if (ts.isTemplateExpression(node)) {
      const text = node.head.text + node.templateSpans.map((span) => `…${span.literal.text}`).join("");
      if (!/(^|\s)(bg-|text-|flex|min-|border|rounded|px-|stroke-)/.test(text)) {
        said.push(plain(text));
      }
      node.templateSpans.forEach((span) => visit(span.expression));
      return;
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return said.filter(isSaid);
}

/** Words in Java that are not for people: SQL, patterns, names of settings. */
const NOT_SAID = /\b(SELECT|INSERT|UPDATE|DELETE|FROM|WHERE|ORDER BY|LEFT JOIN|SET|VALUES)\b|\\[bwdsW]|\(\?|[{}<>]|=:|\bCREATE\b|\w_\w+, /;

function ofJava(file) {
  const text = readFileSync(file, "utf8").replace(/\/\*[\s\S]*?\*\//g, "").replace(/^\s*\/\/.*$/gm, "").replace(/"""[\s\S]*?"""/g, "");
  const joined = text.replace(/"\s*\+\s*"/g, "");
  return [...joined.matchAll(/"((?:[^"\\\n]|\\.)*)"/g)]
    .map(([, literal]) => plain(literal.replace(/\\"/g, '"')))
    .filter((literal) => /\S \S+ \S/.test(literal) && /[a-z]{3}/.test(literal) && !NOT_SAID.test(literal));
}

/** Every sentence by the folder it stands in. */
export function gathered() {
  const all = new Map();
  const add = (place, said) => all.set(place, [...(all.get(place) ?? []), ...said]);
  for (const file of files("web/src", /\.tsx?$/)) {
    const where = relative(join(ROOT, "web/src"), file);
    if (!/test|^api\/|planFixture|vite-env/.test(where)) {
      add(`Page: ${where.split("/")[0]}`, ofPage(file));
    }
  }
  for (const [folder, name] of [
    ["core/src/main/java/org/mobrel", "Core"],
    ["server/src/main/java/org/mobrel/server", "Server"],
  ]) {
    for (const file of files(folder, /\.java$/)) {
      const where = relative(join(ROOT, folder), file).split("/")[0];
      if (!/^(demo|platform)$/.test(where)) {
        add(`${name}: ${where}`, ofJava(file));
      }
    }
  }
  return all;
}

export function list() {
  const parts = [...gathered()]
    .map(([place, said]) => [place, [...new Set(said)].sort()])
    .filter(([, said]) => said.length > 0)
    .map(([place, said]) => `## ${place}\n\n${said.map((each) => `- ${each.replaceAll("|", "\\|")}`).join("\n")}\n`);
  return `# Every sentence\n\nWhat the pages, the server and the core can say, gathered by \`web/scripts/sentences.mjs\` (\`npm run sentences\` in \`web/\`). A \`…\` or \`%s\` is where something is put in.\n\n${parts.join("\n")}`;
}

export const LIST_FILE = LIST;

if (process.argv[1] === import.meta.filename) {
  writeFileSync(LIST, list());
}
