using JollyBarn.Practice.Sheets;
using Microsoft.Extensions.Caching.Memory;

namespace JollyBarn.Web;

/// <summary>Sheets of learners as they were made, so that each answer does not make one anew.</summary>
internal sealed class RoomSheets : IDisposable
{
    /// <summary>Sheets that are kept: twenty full rooms.</summary>
    private const int Most = 20 * PracticeSheet.MostLearners;

    private readonly MemoryCache made = new(new MemoryCacheOptions { SizeLimit = Most });

    public IReadOnlyList<SheetItem> Of(SheetAsk ask, int learner)
    {
        var key = ($"{string.Join(',', ask.Kinds)}", ask.Level, ask.Items, ask.Seed, ask.Edition, learner);
        if (made.TryGetValue(key, out IReadOnlyList<SheetItem>? there))
        {
            return there!;
        }

        using var entry = made.CreateEntry(key);
        entry.Size = 1;
        var sheet = PracticeSheet.Of(ask, learner);
        entry.Value = sheet;
        return sheet;
    }

    public void Dispose() => made.Dispose();
}
