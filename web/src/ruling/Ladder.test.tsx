import { render, screen, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { expect, test, vi } from "vitest";
import { AskStrip } from "./AskStrip";
import { FindingNote } from "./FindingNote";
import { Ladder } from "./Ladder";
import type { Choice, Finding, OpenQuestion, Ruling } from "./useRulingPreview";

interface Line {
  readonly role: string;
  readonly quart?: number;
  readonly pint?: number;
}

function ruling(lines: readonly Line[], part: object = {}): Ruling {
  return {
    lines: lines.map(({ role, quart, pint }) => ({
      role,
      minutesBySize: quart === undefined && pint === undefined ? undefined : { quart, pint },
    })),
    findings: [],
    questions: [],
    pacesetters: [],
    considered: [],
    ...part,
  } as unknown as Ruling;
}

const finding = (part: object = {}): Finding =>
  ({
    code: "thickener",
    severity: "stop",
    text: "Flour thickens the jar.",
    remedies: [],
    ...part,
  }) as Finding;

function ladder(told: Ruling | undefined, size: "quart" | "pint" = "quart", onRemedy = vi.fn()) {
  const count = told?.lines.length ?? 2;
  render(
    <Ladder
      ruling={told}
      size={size}
      order={Array.from({ length: count }, (_, index) => index)}
      below={() => null}
      onRemedy={onRemedy}
    >
      {(index) => <span>line {index}</span>}
    </Ladder>,
  );
  return screen
    .getAllByRole("listitem")
    .map((row) => within(row).queryByRole("img")?.getAttribute("aria-label"));
}

test("each line says its minutes, and the one that sets the time says so", () => {
  const lines = [
    { role: "timed", quart: 90, pint: 75 },
    { role: "timed", quart: 30, pint: 25 },
  ];
  expect(ladder(ruling(lines, { pacesetters: [0] }))).toEqual(["90 min, sets the time", "30 min"]);
});

test("in pints the minutes are those of pints", () => {
  expect(ladder(ruling([{ role: "timed", quart: 90, pint: 75 }]), "pint")).toEqual(["75 min"]);
});

test("a line without a time says what it is instead", () => {
  const roles = ["seasoning", "liquid", "stopped", "unknown", "serving"].map((role) => ({ role }));
  expect(ladder(ruling(roles))).toEqual([
    "seasoning, adds no time",
    "liquid, adds no time",
    "not into the jar",
    "not in the tables",
    "added at serving",
  ]);
});

test("a food that was tested in pints only says so in quarts", () => {
  expect(ladder(ruling([{ role: "timed", pint: 95 }]))).toEqual(["no tested time in quarts alone"]);
});

test("a line with an open question is not settled, whatever its minutes", () => {
  const open = ruling([{ role: "timed", quart: 90 }, { role: "unknown" }], {
    questions: [{ line: 0 }, { line: 1 }],
  });
  expect(ladder(open)).toEqual(["90 min, not settled yet", "to be answered first"]);
});

test("the table's floor stands under the ladder, the highest of several", () => {
  const floors = [
    { kind: "floor", what: "soup", minutesBySize: { quart: 75, pint: 60 } },
    { kind: "floor", what: "soup with seafood", minutesBySize: { quart: 100, pint: 100 } },
    { kind: "row", what: "beans", minutesBySize: { quart: 90 } },
  ];
  ladder(ruling([{ role: "timed", quart: 30 }], { considered: floors }));
  expect(screen.getByText("soup table, seafood: never under 100")).toBeTruthy();
});

test("before the first answer every line stands there without a word of its time", () => {
  expect(ladder(undefined)).toEqual([undefined, undefined]);
});

test("what stands against a line stands under it, and a remedy is a button", async () => {
  const onRemedy = vi.fn();
  const remedy = {
    text: "Leave it out",
    edits: [{ part: "line" }],
    gives: { minutes: 75, verdict: "covered" },
  };
  const stop = finding({ line: 1, remedies: [remedy, { text: "Thicken when you open the jar", edits: [] }] });
  ladder(
    ruling([{ role: "timed", quart: 75 }, { role: "stopped" }], { findings: [stop] }),
    "quart",
    onRemedy,
  );
  const row = screen.getAllByRole("listitem").find((each) => each.textContent?.startsWith("line 1"));
  expect(row?.textContent).toContain("Flour thickens the jar.");
  expect(row?.textContent).toContain("Thicken when you open the jar.");
  await userEvent.click(screen.getByRole("button", { name: /Leave it out.*75 min/ }));
  expect(onRemedy).toHaveBeenCalledWith(remedy, stop);
});

test("a remedy that does not mend everything says how much is left", () => {
  const gives = { headline: "Two things stop this.", verdict: "stop" };
  const remedies = [{ text: "Leave it out", edits: [{ part: "line" }], gives }];
  render(<FindingNote finding={finding({ remedies } as object)} onRemedy={() => undefined} />);
  expect(screen.getByRole("button").textContent).toBe("Leave it outtwo left");
});

test("the second of two clicks carries out nothing: another remedy may lie under the finger", async () => {
  const onRemedy = vi.fn();
  const remedies = [{ text: "Leave it out", edits: [{ part: "line" }] }];
  render(<FindingNote finding={finding({ remedies } as object)} onRemedy={onRemedy} />);
  await userEvent.dblClick(screen.getByRole("button"));
  expect(onRemedy).toHaveBeenCalledTimes(1);
});

test("the words of a step that are meant are quoted", () => {
  render(<FindingNote finding={finding({ words: "blend until smooth" })} />);
  expect(screen.getByText("blend until smooth").tagName).toBe("Q");
});

const choice = (code: string, part: object = {}): Choice => ({ code, text: code, ...part }) as Choice;
const question = (line: number, part: object = {}): OpenQuestion =>
  ({
    code: "which-food",
    line,
    words: "butter beans",
    text: `Which beans are these (${line})?`,
    choices: [choice("dried", { minutes: 90, verdict: "covered" }), choice("fresh", { verdict: "stop" })],
    ...part,
  }) as OpenQuestion;

test("one question at a time, with the words it is about marked in their line", () => {
  const asked = [
    { text: "1 lb Butter Beans, soaked", question: question(0) },
    { text: "oxtail", question: question(1) },
  ];
  render(<AskStrip asked={asked} onAnswer={() => undefined} />);
  expect(screen.getByText("Question 1 of 2")).toBeTruthy();
  expect(screen.getByRole("heading").textContent).toBe("Which beans are these (0)?");
  expect(screen.getByText("Butter Beans").tagName).toBe("MARK");
});

test("each answer says what it would give", () => {
  render(<AskStrip asked={[{ text: "beans", question: question(0) }]} onAnswer={() => undefined} />);
  expect(screen.getAllByRole("button").map((button) => button.textContent)).toEqual([
    "dried90 min",
    "freshnot into jars",
  ]);
});

test("another one can be answered first, and after the last comes the first", async () => {
  const asked = [0, 1].map((line) => ({ text: "beans", question: question(line) }));
  render(<AskStrip asked={asked} onAnswer={() => undefined} />);
  const heading = () => screen.getByRole("heading").textContent;
  await userEvent.click(screen.getByRole("button", { name: "Another first" }));
  expect(heading()).toBe("Which beans are these (1)?");
  await userEvent.click(screen.getByRole("button", { name: "Another first" }));
  expect(heading()).toBe("Which beans are these (0)?");
});

test("figures answer from the keyboard, and the next question has the focus", async () => {
  const onAnswer = vi.fn();
  const asked = [0, 1].map((line) => ({ text: "beans", question: question(line) }));
  const { rerender } = render(<AskStrip asked={asked} onAnswer={onAnswer} />);
  screen.getAllByRole("button")[0]?.focus();
  await userEvent.keyboard("2");
  expect(onAnswer).toHaveBeenCalledWith(asked[0], expect.objectContaining({ code: "fresh" }));
  rerender(<AskStrip asked={asked.slice(1)} onAnswer={onAnswer} />);
  expect(document.activeElement?.textContent).toBe("Which beans are these (1)?");
  await userEvent.keyboard("7");
  expect(onAnswer).toHaveBeenCalledTimes(1);
});

test("where nothing is asked, nothing is there", () => {
  const { container } = render(<AskStrip asked={[]} onAnswer={() => undefined} />);
  expect(container.textContent).toBe("");
});
