import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { expect, test } from "vitest";
import { forgetAll } from "@/api/kept";
import { forgetTyped, forgetting } from "@/api/typed";
import { useKept, whenSent } from "./useKept";

function Form({ name = "note" }: { readonly name?: string }) {
  const [text, setText] = useKept(name, "");
  const [jars, setJars] = useKept(`${name}-jars`, 7);
  return (
    <>
      <input aria-label={name} value={text} onChange={(event) => setText(event.target.value)} />
      <button type="button" onClick={() => setJars((before) => before + 1)}>
        {jars} jars
      </button>
    </>
  );
}

const note = (name = "note") => (screen.getByLabelText(name) as HTMLInputElement).value;

async function typeAndReload(text: string) {
  const user = userEvent.setup();
  const { unmount } = render(<Form />);
  await user.type(screen.getByLabelText("note"), text);
  await user.click(screen.getByText("7 jars"));
  unmount();
  return user;
}

test("what is typed is there again after a reload, each form with its own", async () => {
  await typeAndReload("less paprika");
  render(
    <>
      <Form />
      <Form name="other" />
    </>,
  );
  expect(note()).toBe("less paprika");
  expect(screen.getByText("8 jars")).toBeTruthy();
  expect(note("other")).toBe("");
});

test("what was sent, and is at its beginning again, is not kept", async () => {
  const user = await typeAndReload("x");
  render(<Form />);
  await user.clear(screen.getByLabelText("note"));
  expect(Object.keys(sessionStorage).filter((key) => key.endsWith("#note"))).toEqual([]);
});

test("forms are forgotten by the beginning of their name, and all of them with the kitchen", async () => {
  await typeAndReload("less paprika");
  forgetTyped("note-");
  const { unmount } = render(<Form />);
  expect(note()).toBe("less paprika");
  expect(screen.getByText("7 jars")).toBeTruthy();
  unmount();
  await forgetAll();
  render(<Form />);
  expect(note()).toBe("");
});

test("another page has other forms, and what cannot be read is as if nothing were kept", async () => {
  await typeAndReload("less paprika");
  const [kept] = Object.keys(sessionStorage).filter((key) => key.endsWith("#note"));
  sessionStorage.setItem(kept ?? "", "{half");
  render(<Form />);
  expect(note()).toBe("");
});

function Sending({ sent }: { readonly sent: Promise<unknown> }) {
  const [text, setText] = useKept("sending", "");
  return (
    <>
      <input aria-label="sending" value={text} onChange={(event) => setText(event.target.value)} />
      <button type="button" onClick={() => whenSent(sent, () => setText(""))}>
        Send
      </button>
    </>
  );
}

test.each([
  ["was taken after its page was left is not there again", true, ""],
  ["was refused is there again", false, "two"],
])("what %s", async (_, taken, left) => {
  const user = userEvent.setup();
  let answer = () => undefined as unknown;
  const sent = new Promise((done, refuse) => {
    answer = () => (taken ? done(undefined) : refuse(new Error("no")));
  });
  const { unmount } = render(<Sending sent={sent} />);
  await user.type(screen.getByLabelText("sending"), "two");
  await user.click(screen.getByText("Send"));
  unmount();
  answer();
  await sent.catch(() => undefined);
  render(<Sending sent={sent} />);
  expect(note("sending")).toBe(left);
});

test("what is forgotten later is that of the page which was open, and of no name that only begins alike", async () => {
  await typeAndReload("less paprika");
  const forget = forgetting("note");
  const other = forgetting("not-");
  history.replaceState(null, "", "/elsewhere");
  other();
  history.replaceState(null, "", "/");
  expect(Object.keys(sessionStorage).some((key) => key.endsWith("#note"))).toBe(true);
  history.replaceState(null, "", "/elsewhere");
  forget();
  expect(Object.keys(sessionStorage).some((key) => key.endsWith("#note"))).toBe(false);
});
