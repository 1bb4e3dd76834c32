import { createConfig, lint } from "@redocly/openapi-core";
import { expect, test } from "vitest";

/** The server's test holds the document to what the server publishes; here it is held to what other tools expect of it. */
test("the API document is clean by a linter's recommended rules", async () => {
  const config = await createConfig({
    extends: ["recommended"],
    rules: {
      // An id is a number and a lot's code has a hyphen: "/shelf/kits/4" is no lot, and no router takes it for one.
      "no-ambiguous-paths": "off",
    },
  });
  const found = await lint({ ref: "src/api/openapi.json", config });
  expect(found.map((problem) => `${problem.location[0]?.pointer} ${problem.message}`)).toEqual([]);
});
