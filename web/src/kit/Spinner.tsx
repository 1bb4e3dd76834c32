/** Quiet while the server is asked; it answers in a moment or the problem is shown instead. */
export function Spinner() {
  return <output className="block py-10 text-center text-soft">One moment …</output>;
}
