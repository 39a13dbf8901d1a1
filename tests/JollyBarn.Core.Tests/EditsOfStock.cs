using JollyBarn.Edits;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>Edits of stock, of minutes and of what is left energised, each with one that cannot be.</summary>
internal static class EditsOfStock
{
    public static (Edit Good, Edit Impossible)[] Examples { get; } =
    [
        (
            new PutStock(new Dictionary<string, StockLine?> { ["box.nm-1g-18"] = new(3, 0, 1.2m) { Pieces = [12.5m] } }),
            new PutStock(new Dictionary<string, StockLine?> { ["box.nm-1g-18"] = null, ["shoe"] = new(10) })
        ),
        (
            new LogMinutes("t2", new Timed("op.joint", 4, 10, "Ines", "2026-09-20T09:00:00Z")),
            new LogMinutes("t3", new Timed("op.lunch", 4, 10, "Ines", "2026-09-20T09:00:00Z"))
        ),
        (new StrikeMinutes("t"), new StrikeMinutes("none")),
        (
            new LeaveInterim("i2", new Interim("cap on the porch feed", "2026-09-21T09:00:00Z", "Ines", "2026-09-20T09:00:00Z", "b")),
            new LeaveInterim("i3", new Interim("cap on the porch feed", "tomorrow", "Ines", "2026-09-20T09:00:00Z"))
        ),
        (new EndInterim("i"), new EndInterim("none")),
    ];
}
