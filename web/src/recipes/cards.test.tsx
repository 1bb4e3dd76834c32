import { render, screen, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { expect, test, vi } from "vitest";
import { MethodCard } from "./MethodCard";
import { PackChoices } from "./PackChoices";
import { PageLook } from "./PageLook";
import type { PagePart } from "./page";
import { QuestionsCard } from "./QuestionsCard";
import { EMPTY_DRAFT } from "./useDraft";
import { VariantsCard } from "./VariantsCard";
import { WaitingDraft } from "./WaitingDraft";

const step = (text: string, said: string, code = "soak", when = "evening") => ({
  code,
  when,
  text,
  said,
  lines: [],
  source: "Guide 4, beans",
});
const button = (name: string | RegExp) => screen.getByRole("button", { name }) as HTMLButtonElement;

type MethodProps = Parameters<typeof MethodCard>[0];

function method(part: Partial<MethodProps>) {
  const onChange = vi.fn();
  render(
    <MethodCard
      method={[]}
      steps={[]}
      stopped={[]}
      remarks={[]}
      openingNotes={[]}
      onChange={onChange}
      {...part}
    />,
  );
  return onChange;
}

test("steps are numbered, and remarks among them are not", () => {
  method({ method: ["Soak the beans.", "Note: Makes 7 quarts", "Simmer."] });
  const rows = within(screen.getByRole("list", { name: "Your steps" })).getAllByRole("listitem");
  expect(rows.map((row) => row.querySelector("span")?.textContent)).toEqual(["1", "", "2"]);
});

test("a step that something stands against is marked where it stands", () => {
  method({ method: ["Soak.", "Blend until smooth."], stopped: [1] });
  expect(screen.getByLabelText("Step 2 stops this")).toBeTruthy();
  expect(screen.queryByLabelText("Step 1 stops this")).toBeNull();
});

test("what is done when a jar is opened says so", () => {
  method({
    method: ["When you open it, thicken with flour."],
    openingNotes: ["When you open it, thicken with flour."],
  });
  expect(screen.getByText("when opened")).toBeTruthy();
});

test("what the tables ask for and no step says is added by a tap, one or all", async () => {
  const steps = [
    step("Soak the beans 12 to 18 h", "nowhere"),
    step("Boil them 30 min", "nowhere", "boil-beans", "cook"),
    step("Peel the carrots", "method", "peel-carrots", "prepare"),
    step("Half solids, then broth", "nowhere", "fill-half", "fill"),
  ];
  const onChange = method({ method: ["Simmer.", "Ladle into hot jars."], steps });
  await userEvent.click(button("Add all 3"));
  // In the order of the work, not behind the filling.
  expect(onChange).toHaveBeenLastCalledWith([
    "Soak the beans 12 to 18 h",
    "Simmer.",
    "Boil them 30 min",
    "Ladle into hot jars.",
    "Half solids, then broth",
  ]);
  await userEvent.click(screen.getAllByRole("button", { name: "Add" })[1] as HTMLElement);
  expect(onChange).toHaveBeenLastCalledWith(["Simmer.", "Boil them 30 min", "Ladle into hot jars."]);
  const there = within(screen.getByRole("list", { name: "Steps that are there" }));
  expect(there.getByText("carrots peeled")).toBeTruthy();
});

test("a step is changed, removed and added; a line break in it is a space", async () => {
  const onChange = method({ method: ["Soak.", "Simmer."] });
  await userEvent.click(button("Remove step 1"));
  expect(onChange).toHaveBeenLastCalledWith(["Simmer."]);
  await userEvent.click(screen.getByLabelText("Step 2"));
  await userEvent.paste(" Then\nskim.");
  expect(onChange).toHaveBeenLastCalledWith(["Soak.", "Simmer. Then skim."]);
  await userEvent.type(screen.getByLabelText("Add a step"), "  Cool.  {Enter}");
  expect(onChange).toHaveBeenLastCalledWith(["Soak.", "Simmer.", "Cool."]);
  expect((screen.getByLabelText("Add a step") as HTMLInputElement).value).toBe("");
});

test("a recipe's own time is told beside ours", () => {
  const text = "Your recipe says 75 min; here it is 90 min.";
  method({ method: ["Process 75 min."], remarks: [{ code: "process-stated", text }] });
  expect(screen.getByText(text)).toBeTruthy();
});

test("a share that is none of the usual ones stays as it is and can be left", async () => {
  const change = vi.fn();
  render(<PackChoices draft={{ ...EMPTY_DRAFT, solidsShare: 0.6 }} change={change} said={undefined} />);
  expect((screen.getByLabelText("60 %") as HTMLInputElement).checked).toBe(true);
  await userEvent.click(screen.getByLabelText("Half"));
  expect(change).toHaveBeenCalledWith({ solidsShare: 0.5 });
});

test.each([
  [0.67, "Two thirds"],
  [0.666667, "Two thirds"],
  [0.95, "Full"],
  [1, "Full"],
])("a share of %d is %s", (solidsShare, text) => {
  render(<PackChoices draft={{ ...EMPTY_DRAFT, solidsShare }} change={() => undefined} said={undefined} />);
  expect((screen.getByLabelText(text) as HTMLInputElement).checked).toBe(true);
  expect(screen.getAllByRole("radio")).toHaveLength(6);
});

test("what the steps say of pack and share is set by a tap, and then says that it is", async () => {
  const change = vi.fn();
  const said = { from: "steps", packFrom: "steps", pack: "raw", solidsShare: 0.95 } as Parameters<
    typeof PackChoices
  >[0]["said"];
  const { rerender } = render(<PackChoices draft={EMPTY_DRAFT} change={change} said={said} />);
  expect(screen.getByText(/Your steps say packed raw, 95 % solids\./)).toBeTruthy();
  await userEvent.click(button("Set it so"));
  expect(change).toHaveBeenCalledWith({ solidsShare: 0.95, pack: "raw" });
  rerender(
    <PackChoices draft={{ ...EMPTY_DRAFT, pack: "raw", solidsShare: 0.95 }} change={change} said={said} />,
  );
  expect(screen.queryByRole("button")).toBeNull();
  expect(screen.getByText(/that is how it is set/)).toBeTruthy();
});

test("a share that no step names is not claimed of the steps, and is not set by a tap", () => {
  const said = { from: "default", packFrom: "steps", pack: "hot", solidsShare: 0.5 } as const;
  render(<PackChoices draft={{ ...EMPTY_DRAFT, solidsShare: 0.67 }} change={() => undefined} said={said} />);
  expect(screen.getByText("Your steps say packed hot: that is how it is set.")).toBeTruthy();
  expect(screen.queryByRole("button")).toBeNull();
});

test("a question names its lines, and an answer is handed on with it", async () => {
  const question = {
    code: "amount-missing",
    key: "amount/1",
    text: "How much salt?",
    lines: [1],
    answers: [{ text: "2 tsp", line: 1, to: "2 tsp salt" }],
  };
  const onAnswer = vi.fn();
  render(<QuestionsCard questions={[question]} lines={["beans", "salt"]} onAnswer={onAnswer} />);
  const card = screen.getByRole("region", { name: "Questions about the recipe" });
  expect(within(card).getByRole("heading").textContent).toBe("One question");
  expect(within(card).getByText("salt")).toBeTruthy();
  await userEvent.click(button("2 tsp"));
  expect(onAnswer).toHaveBeenCalledWith(question, question.answers[0]);
});

test("without questions there is no card", () => {
  const { container } = render(<QuestionsCard questions={[]} lines={[]} onAnswer={() => undefined} />);
  expect(container.textContent).toBe("");
});

test("a variant says what it gets, and what stands against it", async () => {
  const onChange = vi.fn();
  const answers = [
    {
      name: "with rice",
      verdict: "stop",
      headline: "Rice stops this.",
      troubles: ["Rice thickens."],
      questions: [],
    },
  ];
  const variants = [{ name: "with rice", lines: ["1/2 cup rice"] }];
  render(<VariantsCard variants={variants} answers={answers} onChange={onChange} />);
  expect(screen.getByText("Rice stops this.")).toBeTruthy();
  expect(screen.getByText("Rice thickens.")).toBeTruthy();
  await userEvent.type(screen.getByLabelText("Add-ins of variant 1, one a line"), "!");
  expect(onChange).toHaveBeenLastCalledWith([{ name: "with rice", lines: ["1/2 cup rice!"] }]);
  await userEvent.click(button("Add a variant"));
  expect(onChange).toHaveBeenLastCalledWith([...variants, { name: "", lines: [] }]);
  await userEvent.click(button("Remove variant 1"));
  expect(onChange).toHaveBeenLastCalledWith([]);
});

const PAGE: readonly PagePart[] = [
  { kind: "title", text: "Bean soup" },
  { kind: "ingredient", text: "2 lb dried beans" },
  { kind: "step", text: "Soak overnight." },
  { kind: "other", text: "Print this page" },
] as readonly PagePart[];

test("a page is shown whole before anything is taken, and a line goes elsewhere by a tap", async () => {
  const onUse = vi.fn();
  render(<PageLook parts={PAGE} onUse={onUse} onClose={() => undefined} />);
  expect(screen.getByText(/1 ingredient, 1 step, 1 left out\./)).toBeTruthy();
  await userEvent.selectOptions(screen.getByLabelText("Place of “Soak overnight.”"), "ingredient");
  expect(screen.getByText(/2 ingredients, 0 steps, 1 left out\./)).toBeTruthy();
  await userEvent.click(button("That is right"));
  expect(onUse.mock.calls[0]?.[0].map((part: PagePart) => part.kind)).toEqual([
    "title",
    "ingredient",
    "ingredient",
    "other",
  ]);
});

test("a page without an ingredient cannot be taken", async () => {
  const onClose = vi.fn();
  render(<PageLook parts={PAGE.slice(2)} onUse={() => undefined} onClose={onClose} />);
  expect(button("That is right").disabled).toBe(true);
  await userEvent.click(button("Do not take it"));
  expect(onClose).toHaveBeenCalled();
});

test("a recipe that was not saved waits under its name, or under none", async () => {
  const [onTake, onDrop] = [vi.fn(), vi.fn()];
  render(<WaitingDraft waiting={{ ...EMPTY_DRAFT, lines: ["1 leek"] }} onTake={onTake} onDrop={onDrop} />);
  expect(screen.getByRole("region").textContent).toContain(
    "A recipe without a name with 1 line was begun here",
  );
  await userEvent.click(button("Go on with it"));
  await userEvent.click(button("Throw it away"));
  expect([onTake, onDrop].map((act) => act.mock.calls.length)).toEqual([1, 1]);
});
