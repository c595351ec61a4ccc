/** One thing to press, in the middle of the screen: white until it runs, dark while it does. */
export function RoundButton({
  runs,
  large = false,
  onPress,
}: {
  runs: boolean;
  /** for a tablet that shows nothing else */
  large?: boolean;
  onPress: () => void;
}) {
  return (
    <button
      type="button"
      className={`grid place-items-center rounded-full border-4 border-ink font-bold ${large ? 'size-72 text-7xl' : 'size-64 text-6xl'} ${runs ? 'bg-ink text-paper' : 'bg-sheet hover:bg-wash'}`}
      onClick={onPress}
    >
      {runs ? 'Stop' : 'Go'}
    </button>
  );
}
