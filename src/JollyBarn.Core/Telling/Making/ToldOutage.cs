using System.Globalization;
using JollyBarn.Making;
using JollyBarn.Telling.Phrases;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Making;

/// <summary>Who does what, from when to when.</summary>
/// <param name="Hand">Counted from 1.</param>
public sealed record ToldSlot(
    int Hand,
    string Change,
    string ChangeName,
    Id<Box> Box,
    string Name,
    string? Place,
    string From,
    string Until,
    IReadOnlyList<string> Breakers
);

/// <summary>A breaker that is off.</summary>
/// <param name="Rooms">Rooms that go dark with it.</param>
/// <param name="Things">What is recorded to hang on it.</param>
public sealed record ToldDark(
    string Key,
    string Breaker,
    string From,
    string Until,
    int Minutes,
    IReadOnlyList<string> Rooms,
    IReadOnlyList<string> Things
);

/// <summary>An outage in words: who does what, what is dark, and the notice to the household.</summary>
/// <param name="Notice">The notice, paragraph by paragraph, in plain words.</param>
/// <param name="NotKnown">Boxes whose breaker nobody knows.</param>
public sealed record ToldOutage(
    string Job,
    int Hands,
    string From,
    string Until,
    int SwitchedOff,
    IReadOnlyList<ToldSlot> Slots,
    IReadOnlyList<ToldDark> Dark,
    IReadOnlyList<string> Notice,
    IReadOnlyList<string> NotKnown
)
{
    /// <param name="start">When it begins, as the household's clock says it.</param>
    public static ToldOutage Tell(Job job, Outage outage, int hands, DateTimeOffset start)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(outage);
        var names = new Names(job);
        DateTimeOffset When(decimal minutes) => start.AddMinutes((double)minutes);
        string At(decimal minutes) => When(minutes).ToString("yyyy-MM-ddTHH:mm:sszzz", CultureInfo.InvariantCulture);
        var planned = job.Changes.Where(c => c.Value.Closed is null).ToDictionary(c => c.Key, c => Edits.ChangeWork.Planned(job, c.Key));
        Box BoxOf(DarkTask task) => planned[task.Change].Boxes[task.Box];
        List<ToldDark> dark =
        [
            .. outage.Off.Select(d => new ToldDark(
                d.Breaker,
                Breaker(job, names, d.Breaker),
                At(d.From),
                At(d.Until),
                (int)Math.Ceiling(d.Until - d.From),
                [.. d.Feeds.Select(b => job.Places.Find(job.Boxes[b].Place ?? "")?.Name ?? job.Boxes[b].Name).Distinct()],
                [.. job.Appliances.Values.Where(a => a.Box is { } box && d.Feeds.Contains(box)).Select(a => a.Name).Distinct()]
            )),
        ];
        return new(
            job.Name,
            hands,
            At(0),
            At(outage.Minutes),
            dark.Count,
            [
                .. outage
                    .Slots.OrderBy(s => s.From)
                    .ThenBy(s => s.Hand)
                    .Select(s => new ToldSlot(
                        s.Hand + 1,
                        s.Task.Change,
                        job.Changes[s.Task.Change].Name,
                        s.Task.Box,
                        BoxOf(s.Task).Name,
                        planned[s.Task.Change].Places.Find(BoxOf(s.Task).Place ?? "")?.Name,
                        At(s.From),
                        At(s.Until),
                        [.. s.Task.Breakers.Select(b => Breaker(job, names, b))]
                    )),
            ],
            dark,
            Says(job, outage, dark, When),
            [.. outage.NotKnown.Select(b => job.Boxes.Find(b)?.Name ?? b.Text)]
        );
    }

    private static string Breaker(Job job, Names names, string key) =>
        Line.Start(names.Of(Terms.Thing.Breaker(BreakerKey.Read(key)!.Value.Panel, BreakerKey.Find(job, key)!.Value.Breaker.Key)));

    /// <summary>Plain words for who lives there: no breaker, no number they cannot use.</summary>
    private static IReadOnlyList<string> Says(Job job, Outage outage, List<ToldDark> dark, Func<decimal, DateTimeOffset> when)
    {
        if (dark.Count == 0)
        {
            return ["Nothing has to be switched off for what is planned now."];
        }

        static string Clock(DateTimeOffset at) => at.ToString("HH:mm", CultureInfo.InvariantCulture);
        var day = when(0).ToString("dddd, d MMMM", CultureInfo.InvariantCulture);
        return
        [
            $"{job.Name}: power off on {day}, from {Clock(when(0))} to about {Clock(when(outage.Minutes))}.",
            .. outage
                .Off.Zip(dark)
                .Select(d =>
                    $"From {Clock(when(d.First.From))} to about {Clock(when(d.First.Until))} there is no power in: "
                    + $"{(d.Second.Rooms.Count > 0 ? string.Join(", ", d.Second.Rooms) : "rooms nobody has written down yet")}."
                    + (d.Second.Things.Count > 0 ? $" Off with it: {string.Join(", ", d.Second.Things)}." : "")
                ),
            "Tell us before we begin if anything must not go off: a freezer, an alarm, a computer, anything medical.",
            "Please leave the breakers alone while a tag hangs on them: somebody's hands are on the wires.",
            "Switch off what you were using, so that it does not start by itself when power comes back.",
        ];
    }
}
