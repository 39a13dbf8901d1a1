using JollyBarn.Edits;
using JollyBarn.Tracing;
using JollyBarn.Wiring;

namespace JollyBarn.Testing;

/// <summary>Houses whose breakers nobody knows, half of the card blank or wrong, and people who do what the program says in them.</summary>
public static class HiddenHouse
{
    private const string At = "2026-05-01T08:00:00Z";

    private static readonly string[] Rooms = ["galley", "bindery", "press", "cellar", "loft", "porch"];

    /// <summary>So many one-pole breakers and outlets, each outlet <c>o0</c>, <c>o1</c>… on one of them.</summary>
    public static (Job Job, IReadOnlyDictionary<Id<Box>, string> Truth) Make(Random random, int breakers, int outlets)
    {
        // What a breaker serves lies in one room, and every second line of the card says which.
        string[] serves = [.. Enumerable.Range(0, breakers).Select(_ => Rooms[random.Next(Rooms.Length)])];
        var card = serves.Select((room, i) => new Breaker(i + 1, 1, 15, BreakerKind.Standard, null, Says(random, room), true));
        var job = Job.Blank("hidden").Do(new PutPanel("p", new Panel("Panel", SupplySystem.SplitPhase, breakers) { Breakers = [.. card] }));
        job = Rooms.Aggregate(job, (j, room) => j.Do(new PutPlace(room, new Place(room))));
        var truth = new Dictionary<Id<Box>, string>();
        for (var o = 0; o < outlets; o++)
        {
            var breaker = random.Next(breakers);
            job = job.Do(new AddBox($"o{o}", $"Outlet {o}", "nm-1g-18", serves[breaker]));
            truth[$"o{o}"] = $"p/{breaker + 1}";
        }

        return (job, truth);
    }

    /// <summary>Looks for the breaker of one box as the program says, until it is proved.</summary>
    /// <param name="truth">The breakers that feed it.</param>
    /// <param name="wrongAt">The look that is written down wrongly, from 0; −1 for none.</param>
    public static (IReadOnlyList<string> Found, int Looks, int Thrown, SearchState State) Hunt(
        Job job,
        Id<Box> box,
        IReadOnlyList<string> truth,
        int wrongAt
    )
    {
        var thrown = 0;
        for (var looks = 0; ; looks++)
        {
            var step = BreakerSearch.Of(job, box, "Mara", helped: false);
            // What is found is proved by that breaker off alone: a box still live then sends the search on.
            var proved = step.State == SearchState.Found && truth.All(step.Off.Contains);
            if (proved || step.State is not (SearchState.Switch or SearchState.Found) || looks > 40)
            {
                return (proved ? step.Odds!.Feeding : [], looks, thrown, step.State);
            }

            thrown += step.Throw.Count;
            job = job.Do(Switched(step.Throw));
            var dead = truth.Count(step.Off.Contains);
            var shows =
                truth.Count == 0 || dead == 0 ? SightingShows.Live
                : dead == truth.Count ? SightingShows.Dead
                : SightingShows.PartDead;
            shows =
                looks != wrongAt ? shows
                : shows == SightingShows.Live ? SightingShows.Dead
                : SightingShows.Live;
            job = job.Do(new LogSighting($"s{job.Sightings.Count}", new Sighting(box, step.Off, shows, "Mara", At)));
        }
    }

    /// <summary>Walks through the house as the program says, until nothing is left to do.</summary>
    /// <param name="wrong">How often a look is written down wrongly.</param>
    public static (BreakerWalk End, int Walks, int Looks) Walk(
        Job job,
        IReadOnlyDictionary<Id<Box>, string> truth,
        Random random,
        double wrong
    )
    {
        var (walks, looks) = (0, 0);
        while (true)
        {
            var step = BreakerWalk.Of(job, "Mara");
            if (step.Round == 0)
            {
                return (step, walks, looks);
            }

            // Looking once more as the breakers lie is no walk to the panel.
            (walks, looks) = (walks + (step.Throw.Count > 0 ? 1 : 0), looks + step.Look.Count);
            job = job.Do(Switched(step.Throw));
            foreach (var box in step.Look)
            {
                var dead = step.Off.Contains(truth[box]) != (random.NextDouble() < wrong);
                var seen = new Sighting(box, step.Off, dead ? SightingShows.Dead : SightingShows.Live, "Mara", At);
                job = job.Do(new LogSighting($"s{job.Sightings.Count}", seen));
            }
        }
    }

    /// <summary>Breakers thrown as a step says.</summary>
    public static Edit[] Switched(IReadOnlyDictionary<string, bool> handles) =>
        [
            .. handles.Select(t => new SwitchBreaker(
                "p",
                int.Parse(t.Key[2..], System.Globalization.CultureInfo.InvariantCulture),
                "Mara",
                At,
                !t.Value
            )
            {
                V = 2,
            }),
        ];

    private static string? Says(Random random, string room) =>
        random.Next(4) switch
        {
            0 => null,
            1 => Rooms[random.Next(Rooms.Length)],
            _ => room,
        };
}
