import { expect, test } from "vitest";
import { keepPaper, keptPaper, labelQuery, usualOn } from "./sheet";

test("labels go on the sheet this device was told of, and on the usual one otherwise", () => {
  expect(labelQuery(keptPaper())).toBe(labelQuery(usualOn(keptPaper().paper)));
  const own = { ...usualOn("a4"), sheet: { ...usualOn("a4").sheet, rows: 9, height: 30 } };
  keepPaper(own);
  expect(keptPaper()).toEqual(own);
  expect(labelQuery(own)).toBe("paper=a4&grid=3,9,64,30,7,12.9,2,0");
});

test.each(["", "{", "null", "{}", '{"paper":"a4","sheet":{"columns":3}}'])(
  "a kept sheet that makes no sense is none: %s",
  (text) => {
    localStorage.setItem("mobrel.label-sheet", text);
    expect(keptPaper()).toEqual(usualOn(keptPaper().paper));
  },
);
