import { render, screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { expect, test, vi } from "vitest";
import { kitchen } from "@/test/kitchens";
import { ok, problem, server } from "@/test/server";
import { show } from "@/test/show";
import type { Dish, PlanBody, PlanEdit } from "./body";
import { DayCard } from "./DayCard";
import { JarsCard } from "./JarsCard";
import { PlanPage } from "./PlanPage";
import { answer, day, dish, keeps, plan, SHOPPING } from "./planFixture";

const button = (name: string | RegExp) => screen.getByRole("button", { name }) as HTMLButtonElement;

function jars(
  part: object = {},
  fixed = false,
  wrong: (field: string) => string | undefined = () => undefined,
) {
  const change = vi.fn<(change: (dish: Dish) => Dish) => void>();
  const before = dish(part);
  render(
    <JarsCard
      plan={plan()}
      kitchen={kitchen()}
      dish={before}
      answer={answer()}
      fixed={fixed}
      wrong={wrong}
      change={change}
    />,
  );
  return () => change.mock.calls.reduce((now, [each]) => each(now), before);
}

test("jars are counted by kind, and one load is a tap", async () => {
  const after = jars();
  await userEvent.click(button("One more: Quarts"));
  expect(after().jars.map(({ count }) => count)).toEqual([8, 0]);
  await userEvent.click(button("16 pints"));
  expect(after().jars.map(({ size, count }) => `${count} ${size}`)).toEqual(["0 quart", "16 pint"]);
});

test("another size joins in the order of size", async () => {
  const after = jars();
  await userEvent.click(button("24 oz jars"));
  expect(after().jars.map(({ size }) => size)).toEqual(["quart", "pint-and-a-half", "pint"]);
  expect(after().jars[1]).toMatchObject({ mouth: "wide", count: 1 });
});

test("the other mouth is for all that have it", async () => {
  const after = jars({
    jars: [
      { size: "quart", mouth: "regular", count: 4 },
      { size: "quart", mouth: "wide", count: 3 },
      { size: "twelve-ounce", mouth: "regular", count: 2 },
    ],
  });
  expect(screen.getByLabelText("Quarts, wide")).toBeTruthy();
  await userEvent.click(screen.getByLabelText("Regular"));
  expect(after().jars).toEqual([
    { size: "quart", mouth: "regular", count: 7 },
    { size: "twelve-ounce", mouth: "regular", count: 2 },
  ]);
});

test("using up begins with the first thing that can be weighed, as much as the recipe has", async () => {
  const after = jars();
  await userEvent.selectOptions(screen.getByLabelText("Start from"), "Use up what I have");
  expect(after()).toMatchObject({ mode: "use", hands: [{ line: 0, amount: "3 lb", asBought: false }] });
});

test("what is in hand is typed as it is weighed, as bought or not, and something else beside it", async () => {
  const after = jars({ mode: "use", hands: [{ line: 0, amount: "2 lb", asBought: false }] });
  await userEvent.clear(screen.getByLabelText("How much of it"));
  await userEvent.type(screen.getByLabelText("How much of it"), "9 lb");
  await userEvent.click(screen.getByLabelText("as bought"));
  await userEvent.click(button("And something else"));
  expect(after().hands).toEqual([
    { line: 0, amount: "9 lb", asBought: true },
    { line: 1, amount: "6 cups", asBought: false },
  ]);
});

test.each([
  ["2", { value: 2, unit: "qt" }],
  ["1.5", { value: 1.5, unit: "qt" }],
  ["1,5", { value: 1.5, unit: "qt" }],
])("%s kept back for dinner", async (typed, keepBack) => {
  const after = jars();
  await userEvent.type(screen.getByLabelText("Keep back for dinner"), typed);
  expect(after().keepBack).toEqual(keepBack);
});

test("what is no number is kept back by nobody, and nothing typed is nothing kept", async () => {
  const after = jars({ keepBack: { value: 2, unit: "qt" } });
  await userEvent.clear(screen.getByLabelText("Keep back for dinner"));
  expect(after().keepBack).toBeUndefined();
  await userEvent.type(screen.getByLabelText("Keep back for dinner"), "some");
  expect(screen.getByText("A number from 0 to 200, please")).toBeTruthy();
  expect(after().keepBack).toBeUndefined();
});

test("jars at the stove stay as they are, and what is wrong with a count stands under it", () => {
  jars({}, true, (field) => (field === "jars[0]" ? "200 at most" : undefined));
  expect(screen.getByText("At the stove already: its jars stay as they are.")).toBeTruthy();
  expect(screen.getByText("200 at most")).toBeTruthy();
  expect(button("One more: Quarts").closest("fieldset")?.disabled).toBe(true);
});

async function dayOf(part: object = {}) {
  const edit = vi.fn<(edit: PlanEdit) => void>();
  const told = plan({ day: day(part) });
  await show(<DayCard plan={told} index={0} settings={undefined} error={undefined} edit={edit} />);
  await screen.findByRole("region", { name: "The day" });
  return () => edit.mock.calls.reduce((body, [each]) => each(body), told.body as PlanBody);
}

test("a day is begun at a time or done by one, and the other end is taken over", async () => {
  const after = await dayOf();
  await userEvent.click(screen.getByLabelText("Done by"));
  expect(after().day).toEqual({ aim: "done", at: "2026-11-28T15:30:00Z", quickSoak: false });
});

test("a day that does not fit says why, and what would make it fit is a tap", async () => {
  const remedy = {
    code: "earlier",
    text: "Begin at 07:00",
    start: "2026-11-28T07:00:00Z",
    canners: [1, 2],
    jars: [{ dish: "a", jars: [{ size: "quart", mouth: "regular", count: 7 }] }],
    later: [],
    quickSoak: true,
  };
  const after = await dayOf({
    fits: false,
    misfits: [{ code: "quiet", text: "It would end at 23:40, in the quiet hours." }],
    remedies: [remedy],
  });
  expect(screen.getByRole("alert").textContent).toContain("in the quiet hours");
  await userEvent.click(button("Begin at 07:00"));
  expect(after()).toMatchObject({
    canners: [1, 2],
    day: { aim: "start", at: "2026-11-28T07:00:00Z", quickSoak: true },
  });
});

test("where nothing would make it fit, it says so instead of showing nothing", async () => {
  await dayOf({ fits: false, misfits: [{ code: "long", text: "It takes 19 h." }] });
  expect(screen.getByRole("alert").textContent).toContain("move loads to another day, or can fewer jars");
});

test("beans are soaked the quick way where that can be", async () => {
  const after = await dayOf();
  await userEvent.click(screen.getByLabelText(/Soak the beans the quick way/));
  expect(after().day?.quickSoak).toBe(true);
});

test("a jar is filled by a tap, and taken back by another", async () => {
  const body = keeps(plan());
  const { user } = await show(<PlanPage id={5} part="filling" />);
  await screen.findByText("0 of 3 filled");
  await user.click(button("quart 2"));
  await screen.findByText("1 of 3 filled");
  await user.click(button("quart 2"));
  await screen.findByText("2 of 3 filled");
  await waitFor(() =>
    expect(body()?.dishes[0]?.filled).toEqual([{ size: "quart", mouth: "regular", count: 2 }]),
  );
  await user.click(button("quart 2, filled"));
  await screen.findByText("1 of 3 filled");
  await user.click(button("Begin the count anew"));
  await screen.findByText("0 of 3 filled");
  await waitFor(() => expect(body()?.dishes[0]?.filled).toEqual([]));
});

test("the kettle is what is boiling, in either notation, or as worked out where nothing is said", async () => {
  const body = keeps(plan());
  const { user } = await show(<PlanPage id={5} part="filling" />);
  const field = (await screen.findByPlaceholderText("2 qt")) as HTMLInputElement;
  await user.type(field, "2,5");
  await waitFor(() => expect(body()?.dishes[0]?.kettle).toEqual({ value: 2.5, unit: "qt" }));
  // A kitchen with US measures is not asked about litres.
  expect(screen.queryByRole("option", { name: "litres" })).toBeNull();
  await user.clear(field);
  await user.type(field, "none");
  expect(screen.getByRole("alert").textContent).toBe("A number from 0.1 to 100, please");
  await user.clear(field);
  await user.tab();
  await waitFor(() => expect(body()?.dishes[0]?.kettle).toBeUndefined());
});

test("a dish without jars is to be counted first", async () => {
  keeps(plan({ dishes: [answer({ jars: [] })] }));
  await show(<PlanPage id={5} part="filling" />);
  expect(await screen.findByText("Bean soup: count the jars first.")).toBeTruthy();
});

test("every beginning asks for what it needs, and keeps what the others were told", async () => {
  const after = jars({ mode: "times", times: 2 });
  await userEvent.click(button("One more: Times the recipe"));
  expect(after()).toMatchObject({ mode: "times", times: 2.5 });
  await userEvent.click(screen.getByText("More"));
  await userEvent.click(screen.getByLabelText("Only jars that stand empty in the cupboard"));
  expect(after()).toMatchObject({ onHand: true, times: 2.5, jars: dish().jars });
});

test("a pot on the scale asks what it weighs empty, and how full of solids a jar of it is", async () => {
  const after = jars({ mode: "pot", pot: { amount: "24 lb", empty: "5 lb" } });
  await userEvent.selectOptions(screen.getByLabelText("Solids in a jar ladled from it"), "half");
  expect(after().pot).toEqual({ amount: "24 lb", empty: "5 lb", solids: 0.5 });
  await userEvent.clear(screen.getByLabelText("In the pot"));
  expect(after().pot).toBeUndefined();
});

test("a pot by its marks asks for no scale", () => {
  jars({ mode: "pot", pot: { amount: "9 qt" } }, false, (field) =>
    field === "pot.amount" ? "how much of it?" : undefined,
  );
  expect(screen.queryByLabelText("The pot empty")).toBeNull();
  expect(screen.getByText("how much of it?")).toBeTruthy();
});

test("a kitchen without an altitude is set up before anything is planned", async () => {
  keeps(plan());
  server.on("GET /api/kitchen", ok(kitchen({ altitudeFt: undefined, canners: [] })));
  await show(<PlanPage id={5} part="filling" />);
  expect((await screen.findByText(/A plan needs/)).textContent).toContain("your altitude and a canner");
});

test("the list says what to buy, about how many, and what is in the house", async () => {
  keeps(
    plan({
      shopping: SHOPPING,
      supplies: [{ what: "jars", text: "2 lids are lacking", lacking: 2, have: 1 }],
    }),
  );
  await show(<PlanPage id={5} part="shopping" />);
  const aisle = within(await screen.findByRole("region", { name: "Vegetables" }));
  expect(aisle.getAllByRole("listitem").map((row) => row.textContent)).toEqual([
    "carrotsabout 121 lb for Bean soup, 1 lb for Stew2 lb",
    "onionsabout 1, 3 needed1",
    "salt2 tsp needed, plenty there in the house",
  ]);
  expect(screen.getByRole("region", { name: "Jars and lids" }).textContent).toContain("2 lids are lacking");
});

test("a tick on the list is kept in the plan, once, and can be taken back", async () => {
  const body = keeps(plan({ shopping: SHOPPING }));
  const { user } = await show(<PlanPage id={5} part="shopping" />);
  const carrots = (await screen.findByLabelText(/^carrots/)) as HTMLInputElement;
  await user.click(carrots);
  await waitFor(() => expect(body()?.ticked).toEqual(["carrot"]));
  await user.click(carrots);
  await waitFor(() => expect(body()?.ticked).toEqual([]));
  expect((screen.getByLabelText(/^salt/) as HTMLInputElement).disabled).toBe(true);
});

test("an amount in the house that cannot be read is refused where it was typed", async () => {
  keeps(plan({ shopping: SHOPPING }));
  server.on("PUT /api/plans/5/pantry", problem(400, "invalid", "", { field: "amount", reason: "no amount" }));
  const { user } = await show(<PlanPage id={5} part="shopping" />);
  await user.type(await screen.findByLabelText("In the house: carrots"), "lots{Enter}");
  expect((await screen.findByRole("alert")).textContent).toBe("no amount");
  expect(server.sent("PUT /api/plans/5/pantry")).toEqual([{ item: "carrot", amount: "lots" }]);
});
