/** What a cut makes, or null where it cannot be made: a figure of it is out of bounds. */
export function orNone<Work>(cut: () => Work): Work | null {
  try {
    return cut();
  } catch (error) {
    if (error instanceof RangeError) return null;
    throw error;
  }
}
