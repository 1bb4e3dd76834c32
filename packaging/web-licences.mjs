// Lists the packages that are part of the pages, each with its licence, from what is installed: node web-licences.mjs WEB-FOLDER
import { readFileSync } from "node:fs";
import { join } from "node:path";

const web = process.argv[2];
const lock = JSON.parse(readFileSync(join(web, "package-lock.json"), "utf8"));
// Workbox is written into the pages by what builds them.
const builtIn = /^node_modules\/(workbox-(core|precaching|routing|strategies|cacheable-response|window)|tailwindcss|daisyui)$/;

for (const [path, { version, license, dev }] of Object.entries(lock.packages).sort()) {
  if (path.startsWith("node_modules/") && (!dev || builtIn.test(path))) {
    console.log(`${path.replace(/^.*node_modules\//, "")} ${version}: ${license ?? "see its own files"}`);
  }
}
