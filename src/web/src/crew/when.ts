/** A time as people say it: the hour where it is today, else the day too. */
export function when(at: string): string {
  const time = new Date(at);
  const hour = time.toLocaleTimeString("en-US", { hour: "numeric", minute: "2-digit" });
  return time.toDateString() === new Date().toDateString()
    ? hour
    : `${time.toLocaleDateString("en-US", { month: "short", day: "numeric" })}, ${hour}`;
}
