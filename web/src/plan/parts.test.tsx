import { screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { expect, test, vi } from "vitest";
import { kitchen } from "@/test/kitchens";
import { ok, server } from "@/test/server";
import { show } from "@/test/show";
import { moveJars, type PlanBody, type PlanEdit } from "./body";
import { LoadsCard } from "./LoadsCard";
import { PlanPage } from "./PlanPage";
import { answer, day, keeps, plan, SHOPPING } from "./planFixture";

const button = (name: string | RegExp) => screen.getByRole("button", { name }) as HTMLButtonElement;

const LOAD = {
  number: 1,
  canner: 1,
  cannerName: "Big canner",
  minutes: 90,
  layers: [{ jars: [{ dish: "a", title: "Bean soup", size: "quart", mouth: "regular", count: 3 }] }],
  roomFor: [],
};

async function loadsOf(part: object, index = 0) {
  const edit = vi.fn<(edit: PlanEdit) => void>();
  const told = plan(part);
  await show(<LoadsCard plan={told} day={index} chosen={undefined} kitchen={kitchen()} edit={edit} />);
  await screen.findByRole("listitem", { name: "Load 1" });
  return () => edit.mock.calls.reduce((body, [each]) => each(body), told.body as PlanBody);
}

test("a load goes to the next day by a tap, and back; both keep their jars", async () => {
  const loads = { loads: [LOAD, { ...LOAD, number: 2 }], canners: [], compared: [], proven: true, words: "" };
  const after = await loadsOf({ loads });
  await userEvent.click(screen.getAllByRole("button", { name: "To day 2" })[0] as HTMLElement);
  const moved = [{ dish: "a", size: "quart", mouth: "regular", count: 3 }];
  expect(after().later).toEqual([{ jars: moved }]);
  const second = moveJars(0, 1, moved)(after());
  expect(second.later).toEqual([{ jars: [{ ...moved[0], count: 6 }] }]);
  expect(moveJars(1, 0, moved)(second).later).toEqual([{ jars: moved }]);
  expect(moveJars(1, 0, moved)(after()).later).toEqual([]);
  await userEvent.click(screen.getByLabelText("Even"));
  expect(after().even).toBe(true);
});

test("the parts stand in the order of the day, each with what it has to say", async () => {
  keeps(
    plan({
      shopping: SHOPPING,
      day: day({
        fits: false,
        tasks: [
          {
            id: "s",
            code: "soak",
            title: "Soak",
            start: "2026-11-27T21:00:00Z",
            end: "2026-11-27T21:10:00Z",
            attention: "hands",
            load: 0,
            canner: -1,
          },
        ],
      }),
    }),
  );
  await show(<PlanPage id={5} part="evening" />);
  const nav = await screen.findByRole("navigation", { name: "Parts of the plan" });
  expect(
    within(nav)
      .getAllByRole("link")
      .map((link) => link.textContent?.replace(/Fri.*$/, "")),
  ).toEqual([
    "Jars",
    "Amounts",
    "To buy2 things",
    "Evening before",
    "Prep",
    "Fill",
    "Loads and daydoes not fit",
    "Card",
  ]);
  expect(screen.getByRole("list", { name: "Evening before" }).textContent).toContain("Soak");
  const pager = within(screen.getByRole("navigation", { name: "Part of the plan" }));
  expect(pager.getByRole("link", { name: "On to Prep" })).toBeTruthy();
  expect(pager.getByRole("link", { name: "Back to To buy" })).toBeTruthy();
});

test("how long the work takes is said in place, and taken back", async () => {
  const body = keeps(
    plan({
      dishes: [
        answer({
          prep: { foods: [], together: [] },
          work: [{ code: "prep", title: "Peel and cut", minutes: 40, own: true }],
        }),
      ],
    }),
  );
  const { user } = await show(<PlanPage id={5} part="prep" />);
  await user.click(await screen.findByRole("button", { name: "One more: Peel and cut" }));
  await waitFor(() => expect(body()?.dishes[0]?.work).toEqual([{ code: "prep", minutes: 45 }]));
  await user.click(button("as usual"));
  await waitFor(() => expect(body()?.dishes[0]?.work).toEqual([]));
});

test("lids that nobody counted are asked for, and counted there", async () => {
  keeps(plan({ supplies: [{ what: "lids", mouth: "regular", need: 7, lacking: 0, text: "" }] }));
  server.on("GET /api/kitchen/cupboard", ok({ jars: [], lids: [], version: 4 }));
  server.on("PUT /api/kitchen/cupboard/lids", ok({ jars: [], lids: [], version: 5 }));
  const { user } = await show(<PlanPage id={5} part="shopping" />);
  const field = await screen.findByLabelText("New lids there, regular mouth");
  await waitFor(() => expect(server.sent("GET /api/kitchen/cupboard").length).toBeGreaterThan(0));
  await user.type(field, "24{Enter}");
  await waitFor(() =>
    expect(server.sent("PUT /api/kitchen/cupboard/lids")[0]).toEqual({
      mouth: "regular",
      fresh: 24,
      basedOn: 4,
    }),
  );
});
