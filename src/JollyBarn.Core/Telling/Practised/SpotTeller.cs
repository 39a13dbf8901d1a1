using JollyBarn.CodeBook;
using JollyBarn.Inspection;
using JollyBarn.Practice;
using JollyBarn.Practice.Spot;
using JollyBarn.Telling.History;
using JollyBarn.Telling.Phrases;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Practised;

/// <summary>A part one can point at, and what a look close up shows of it.</summary>
/// <param name="Seen">Each fact as a line; none where a look shows no more than the picture.</param>
public sealed record ToldSpotPart(string Part, PartIs Is, string Name, IReadOnlyList<string> Seen);

/// <summary>Something that can be said of a part.</summary>
/// <param name="Rule">Id of the rule.</param>
public sealed record ToldSpotChoice(string Rule, string Name);

/// <summary>A box with mistakes in it, in words.</summary>
/// <param name="Says">What is known before anybody looks: the breaker, the room.</param>
/// <param name="Choices">What can be said of each kind of part.</param>
public sealed record ToldSpot(
    IReadOnlyList<string> Says,
    IReadOnlyList<ToldSpotPart> Parts,
    IReadOnlyDictionary<PartIs, IReadOnlyList<ToldSpotChoice>> Choices
);

/// <summary>A line that was marked, in words.</summary>
/// <param name="Part">Name of the part.</param>
/// <param name="Claim">What was said of it.</param>
/// <param name="Why">What is so, for who was wrong: why it holds, or that nobody measured.</param>
/// <param name="Severity">What its severity is, where that was wrong.</param>
public sealed record ToldSpotLine(
    string Part,
    string Claim,
    SpotOutcome Outcome,
    IReadOnlyList<ToldFinding> Is,
    string? Why,
    Verdict? Severity
);

/// <summary>A box that was looked over, marked, in words.</summary>
/// <param name="Missed">What the rules say of each mistake that was not found.</param>
public sealed record ToldSpotMark(
    bool Right,
    int Planted,
    int Found,
    int FalseAlarms,
    IReadOnlyList<ToldSpotLine> Lines,
    IReadOnlyList<IReadOnlyList<ToldFinding>> Missed,
    IReadOnlyList<SkillGrade> Skills
);

/// <summary>Tells boxes with mistakes in them.</summary>
public static class SpotTeller
{
    public static ToldSpot Tell(SpotDrill drill)
    {
        ArgumentNullException.ThrowIfNull(drill);
        var box = drill.Job.Boxes[drill.Box];
        return new(
            [.. Known(drill.Job, box)],
            [
                .. SpotParts
                    .All(box)
                    .Select(p => new ToldSpotPart(p, SpotParts.Of(box, p)!.Value, Name(drill, p), [.. Seen(drill.Job, box, p)])),
            ],
            SpotChoices
                .For(drill)
                .ToDictionary(
                    c => c.Key,
                    IReadOnlyList<ToldSpotChoice> (c) =>
                        [.. c.Value.Select(r => new ToldSpotChoice(r, Teller.RuleName(r))).OrderBy(r => r.Name, StringComparer.Ordinal)]
                )
        );
    }

    public static ToldSpotMark Tell(SpotDrill drill, SpotMarked marked)
    {
        ArgumentNullException.ThrowIfNull(drill);
        ArgumentNullException.ThrowIfNull(marked);
        var teller = new Teller(drill.Job, drill.Box);
        return new(
            marked.Right,
            drill.Planted.Count,
            drill.Planted.Count - marked.Missed.Count,
            marked.Lines.Count(l => l.Mistake is null),
            [.. marked.Lines.Select(l => Told(drill, teller, l))],
            [.. marked.Missed.Select(m => teller.Tell(m.Findings))],
            SpotSkills.Graded(marked)
        );
    }

    private static ToldSpotLine Told(SpotDrill drill, Teller teller, SpotLine line) =>
        new(
            Name(drill, line.Said.Part),
            Teller.RuleName(line.Said.Rule),
            line.Outcome,
            line.Mistake is { } mistake ? teller.Tell(mistake.Findings) : [],
            line.Mistake is not null ? null
                : line.Judged is { } judged ? $"{teller.Tell(judged).Says} ({teller.Article(judged)})"
                : line.Outcome == SpotOutcome.FalseAlarm ? Teller.RuleWhy(line.Said.Rule)
                : null,
            line is { Severity: false, Mistake: { } found } ? found.Worst : null
        );

    private static IEnumerable<string> Known(Job job, Box box)
    {
        if (job.Places.Find(box.Place) is { } place)
        {
            yield return $"It is in the {place.Name.ToLowerInvariant()}.";
        }

        var circuits = box.Leads.Values.Select(l => l.Run is { } run ? job.Runs.Find(run)?.Circuit : null).OfType<Id<Circuit>>().Distinct();
        foreach (var breaker in circuits.SelectMany(c => job.Panels.Values.SelectMany(p => p.Breakers).Where(b => b.Circuit == c)))
        {
            yield return $"Breaker {breaker.Slot} feeds it: {breaker.Amperes:0.#} A, {ChoiceWords.Of(breaker.Kind).ToLowerInvariant()}.";
        }

        if (BoxKinds.Find(box.Kind) is { } kind)
        {
            yield return $"The box: {kind.Name}.";
        }
    }

    private static string Name(SpotDrill drill, string part)
    {
        var box = drill.Job.Boxes[drill.Box];
        var names = new ShortNames(drill.Job, drill.Box, box);
        return SpotParts.Of(box, part) switch
        {
            PartIs.Wire => names.Lead(part),
            PartIs.Joint => names.Joint(part),
            PartIs.Device => names.Device(part),
            PartIs.Cable when Subjects.CableEnd(part) is { } end => names.Cable(end.Run, end.Side),
            PartIs.Entry => $"opening, {ChoiceWords.Side(box.Entries[part].Side)}",
            _ => "the box itself",
        };
    }

    /// <summary>First what the picture does not say of the thing itself, then what a look close up shows.</summary>
    private static IEnumerable<string> Seen(Job job, Box box, string part) =>
        Itself(job, box, part)
            .Concat((box.Noted.Find(part)?.Facts ?? ById<string, Observation>.Empty).Select(f => AnswerWords.Of(f.Key, f.Value)));

    /// <summary>What a cable is by its print, a wire by its gauge and metal, and a device by its depth and its tabs.</summary>
    internal static IEnumerable<string> Itself(Job job, Box box, string part)
    {
        if (Subjects.CableEnd(part) is { } end && job.Runs.Find(end.Run) is { } run)
        {
            yield return $"{CableNames.Size(run)}, {ChoiceWords.Cable(run.Type)}";
        }
        else if ((box.Leads.Find(part)?.Gauge ?? box.Pigtails.Find(part)?.Gauge) is { } gauge)
        {
            var metal = ChoiceWords.OtherMetal(box.Leads.Find(part)?.Metal);
            yield return metal is null ? $"{gauge} AWG" : $"{gauge} AWG, {metal}";
        }
        else if (box.Devices.Find(part) is { } device)
        {
            if ((device.Depth.OrNull ?? DeviceKinds.Find(device.Kind)?.Depth) is { } depth)
            {
                yield return $"{depth} deep";
            }

            foreach (var tab in DeviceKinds.Find(device.Kind)?.Inside.OfType<Tab>() ?? [])
            {
                yield return $"{tab.Side} tab: {(device.BrokenTabs.Contains(tab.Side) ? "broken off" : "whole")}";
            }
        }
    }
}
