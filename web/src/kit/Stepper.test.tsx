import { render, screen } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { useState } from "react";
import { expect, test, vi } from "vitest";
import { Stepper } from "./Stepper";

interface Shape {
  readonly from?: number;
  readonly min?: number;
  readonly max?: number;
  readonly step?: number;
}

function Form({
  from,
  told,
  ...shape
}: Shape & { readonly from: number; readonly told: (value: number) => void }) {
  const [value, setValue] = useState(from);
  const change = (next: number) => {
    told(next);
    setValue(next);
  };
  return <Stepper label="Quarts" value={value} {...shape} onChange={change} />;
}

/** A stepper in a form, and the numbers it was set to. */
function stepper({ from = 3, ...shape }: Shape = {}) {
  const set = vi.fn();
  render(<Form from={from} told={set} {...shape} />);
  const field = screen.getByLabelText("Quarts") as HTMLInputElement;
  return {
    field,
    more: screen.getByRole("button", { name: "One more: Quarts" }) as HTMLButtonElement,
    less: screen.getByRole("button", { name: "One less: Quarts" }) as HTMLButtonElement,
    set: () => set.mock.calls.map(([value]) => value),
  };
}

test("two buttons change it by a step, and end at its bounds", async () => {
  const { field, more, less, set } = stepper({ from: 8, min: 7, max: 9 });
  await userEvent.click(more);
  expect(more.disabled).toBe(true);
  await userEvent.click(less);
  await userEvent.click(less);
  expect(less.disabled).toBe(true);
  expect(set()).toEqual([9, 8, 7]);
  expect(field.value).toBe("7");
});

test("steps of a quarter stay quarters", async () => {
  const { more, set } = stepper({ from: 0.1, step: 0.2, max: 4 });
  await userEvent.click(more);
  await userEvent.click(more);
  expect(set()).toEqual([0.3, 0.5]);
});

test.each([
  ["12", 12],
  [" 7 ", 7],
])("typed %j is %d", async (typed, value) => {
  const { field, set } = stepper();
  await userEvent.clear(field);
  await userEvent.type(field, typed);
  expect(set().at(-1)).toBe(value);
});

test.each([
  ["0.5", 0.5],
  ["0,5", 0.5],
  ["1.25", 1.25],
])("%j is a number in either notation", async (typed, value) => {
  const { field, set } = stepper({ step: 0.25, max: 4 });
  await userEvent.clear(field);
  await userEvent.type(field, typed);
  expect(set().at(-1)).toBe(value);
  expect(field.value).toBe(typed);
});

test.each([
  ["many", "A number from 2 to 40, please"],
  ["1", "2 or more"],
  ["41", "40 at most"],
  ["2.5", "A whole number, please"],
])("%j is refused with its reason, and the number before it stands", async (typed, reason) => {
  const { field, set } = stepper({ from: 5, min: 2, max: 40 });
  await userEvent.tripleClick(field);
  await userEvent.keyboard(typed);
  expect(screen.getByRole("alert").textContent).toBe(reason);
  expect(field.getAttribute("aria-invalid")).toBe("true");
  expect(field.getAttribute("aria-describedby")).toBe(screen.getByRole("alert").id);
  expect(set().every((value) => value >= 2 && value <= 40)).toBe(true);
  await userEvent.tab();
  expect(screen.queryByRole("alert")).toBeNull();
  expect(Number(field.value)).toBeGreaterThanOrEqual(2);
});

test("a number that can be two is asked about until one is picked, also when the field is left", async () => {
  const { field, set } = stepper({ from: 5, step: 0.25, max: 2_000 });
  await userEvent.tripleClick(field);
  await userEvent.keyboard("1.500");
  await userEvent.tab();
  expect(set()).toEqual([1, 1.5, 1.5]);
  expect(screen.getByText("1.500 can be two numbers:")).toBeTruthy();
  await userEvent.click(screen.getByRole("button", { name: "1500" }));
  expect(set().at(-1)).toBe(1500);
  expect(field.value).toBe("1500");
  expect(screen.queryByRole("button", { name: "1500" })).toBeNull();
});

test("of two taps before the first is on the screen none is lost", () => {
  const set = vi.fn();
  render(<Stepper label="Quarts" value={3} onChange={set} />);
  const more = screen.getByRole("button", { name: "One more: Quarts" });
  more.click();
  more.click();
  expect(set.mock.calls).toEqual([[4], [5]]);
});
