/** Likely causes in the order they are worth looking at, once twenty minutes have passed without pressure. */
export function NoPressure() {
  return (
    <div className="rounded-field border-2 border-brick bg-brick-wash p-3">
      <h3 className="text-lg font-bold">No pressure after 20 minutes. Look in this order:</h3>
      <ol className="list-decimal pl-6">
        <li>The lid does not sit evenly, or is not locked all the way.</li>
        <li>The gasket leaks: steam at the rim. Heat off first, then clean and seat it.</li>
        <li>The weight does not sit square on the vent.</li>
        <li>The plug leaks.</li>
        <li>Too little heat under it, or a pot too wide for the burner.</li>
      </ol>
      <p className="mt-1 text-soft">
        Whatever needs the lid off: heat off, zero, ten minutes; then vent again in full.
      </p>
    </div>
  );
}
