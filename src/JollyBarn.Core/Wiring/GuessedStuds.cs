using JollyBarn.CodeBook;
using JollyBarn.Measures;

namespace JollyBarn.Wiring;

/// <summary>Studs where the spacing says they are.</summary>
internal static class GuessedStuds
{
    /// <summary>From the found ones out; with none found, from the left corner. None within a third of the spacing of one that was
    /// found, and none in an opening.</summary>
    public static IEnumerable<GuessedStud> Of(WallPlan plan)
    {
        if (plan.Wall.Spacing.OrNull is not { Units: > 0 } spacing || plan.Wide is not { } wide || wide.Units / spacing.Units > Most)
        {
            yield break;
        }

        var found = plan
            .Things.Where(t => plan.Wall.Things[t.Key].Kind == WallThingKind.Stud)
            .Select(t => t.Value.Across?.Middle)
            .OfType<Length>()
            .Order()
            .ToList();
        var anchors = found.Count > 0 ? found : [Length.Zero];
        var open = plan
            .Things.Where(t => plan.Wall.Things[t.Key].Kind is WallThingKind.Door or WallThingKind.Window)
            .Select(t => t.Value.Across)
            .OfType<Stretch>()
            .ToList();
        var near = spacing.Units / 3;
        var guesses = new SortedSet<long>();
        for (var i = 0; i < anchors.Count; i++)
        {
            if (i == 0)
            {
                for (var at = anchors[0].Units - spacing.Units; at > near; at -= spacing.Units)
                {
                    guesses.Add(at);
                }
            }

            var end = i + 1 < anchors.Count ? anchors[i + 1].Units : wide.Units;
            for (var at = anchors[i].Units + spacing.Units; at < end - near; at += spacing.Units)
            {
                guesses.Add(at);
            }
        }

        foreach (var middle in guesses.Select(Length.FromUnits))
        {
            var low = middle - WallSizes.Half(WallBook.StudFace);
            var stud = new Stretch(low, low + WallBook.StudFace, false);
            if (!open.Any(o => o.Meets(stud)))
            {
                yield return new(stud);
            }
        }
    }

    private const int Most = 400;
}
