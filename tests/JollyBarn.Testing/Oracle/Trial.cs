using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Inspection.Supply;
using JollyBarn.Practice.Houses;
using JollyBarn.Wiring;

namespace JollyBarn.Testing.Oracle;

/// <summary>What the rules say of a house with one thing spoilt, beside what instruments would find.</summary>
/// <param name="Differs">What differs from the sound house when it is measured.</param>
/// <param name="New">Verdicts to stop or fix that the sound house does not have, with the box, circuit or panel they are of.</param>
/// <param name="Hits">Those of them that are about what was changed or joined to it.</param>
public sealed record Trial(
    int Seed,
    Spoil Spoil,
    IReadOnlyList<string> Differs,
    IReadOnlyList<(string Of, Finding Finding)> New,
    IReadOnlyList<Finding> Hits
)
{
    /// <summary>Rules on grounds, polarity, protection and joints: those the house answers all facts of.</summary>
    public static IReadOnlySet<string> Rules { get; } =
        new HashSet<string>(StringComparer.Ordinal)
        {
            "short",
            "live-metal",
            "polarity",
            "neutral-ground",
            "switch-neutral-cut",
            "neutrals-apart",
            "green",
            "colour",
            "white-hot",
            "split-tab",
            "box-bonded",
            "ground-path",
            "device-bonded",
            "plate-bonded",
            "no-ground",
            "grounds-joined",
            "line-load",
            "fed",
            "switch-works",
            "gfci",
            "multiwire-legs",
            "multiwire-neutral",
            "legs",
            "hots-apart",
            "neutrals-joined",
            "together",
        };

    /// <summary>True where only another outlet is switched, and every switch switches something.</summary>
    public bool AnotherUse { get; init; }

    /// <summary>True where instruments find a difference and no rule says a word of what was changed.</summary>
    public bool Missed => Differs.Count > 0 && Hits.Count == 0 && !AnotherUse;

    /// <summary>True where nobody could find a difference and a rule stops.</summary>
    public bool FalseStop => Differs.Count == 0 && New.Any(n => n.Finding.Verdict == Verdict.Stop);

    /// <summary>One change of a kind in the house of a seed; null where the house has nothing for it.</summary>
    public static Trial? Run(int seed, SpoilKind kind)
    {
        var house = WiredHouse.Make(seed);
        if (Spoil.Of(house, kind, new Random((1000 * seed) + (int)kind)) is not { } spoil)
        {
            return null;
        }

        var was = Said(house).Where(f => Bad(f.Finding)).Select(f => $"{f.Of} {f.Finding.Key}").ToHashSet(StringComparer.Ordinal);
        var fresh = Said(spoil.After).Where(f => Bad(f.Finding) && !was.Contains($"{f.Of} {f.Finding.Key}")).ToList();
        var near = Near(house, spoil).Concat(Near(spoil.After, spoil)).ToHashSet(StringComparer.Ordinal);
        return new(
            seed,
            spoil,
            HouseSign.Differing(house, spoil.After),
            fresh,
            [.. fresh.Where(f => near.Contains(f.Of)).Select(f => f.Finding)]
        )
        {
            AnotherUse = fresh.Count == 0 && HouseSign.AnotherUse(house, spoil.After) && EachSwitches(spoil.After),
        };
    }

    /// <summary>What the wiring rules say of every box, circuit and panel.</summary>
    public static IEnumerable<(string Of, Finding Finding)> Said(Job job) =>
        job
            .Boxes.SelectMany(b => Inspector.JudgeAll(job, b.Key, b.Value).Select(f => (Of: b.Key.Text, f)))
            .Concat(job.Circuits.Ids.SelectMany(c => SupplyVerdicts.Judge(new CircuitLook(job, c)).Select(f => (Of: c.Text, f))))
            .Where(f => Rules.Contains(f.f.Rule));

    private static bool EachSwitches(Job job) =>
        job.Boxes.All(b =>
            b.Value.Devices.All(d =>
                CodeBook.DeviceKinds.Find(d.Value.Kind)?.Switches != true
                || Connection.Connected.Of(job).In(b.Key).Work(d.Key) == Connection.SwitchWork.Works
            )
        );

    private static bool Bad(Finding finding) => finding.Verdict is Verdict.Stop or Verdict.Fix;

    /// <summary>The box of a change, the boxes and circuits its cables go to.</summary>
    private static IEnumerable<string> Near(Job job, Spoil spoil)
    {
        var boxes = new HashSet<string>(StringComparer.Ordinal);
        if (spoil.Box is { } own)
        {
            boxes.Add(own);
        }

        foreach (var id in spoil.Named)
        {
            boxes.UnionWith(
                job.Runs.Where(r => r.Key == id || r.Value.Circuit == id)
                    .SelectMany(r => new[] { r.Value.A.Box, r.Value.B.Box })
                    .OfType<Id<Box>>()
                    .Select(b => b.Text)
            );
        }

        var circuits = job
            .Runs.Values.Where(r => r.A.Box is { } a && boxes.Contains(a) || r.B.Box is { } b && boxes.Contains(b))
            .Select(r => r.Circuit)
            .OfType<Id<Circuit>>()
            .Distinct()
            .ToList();
        var joined = job
            .Runs.Values.Where(r => r.Circuit is { } c && circuits.Contains(c))
            .SelectMany(r => new[] { r.A.Box, r.B.Box })
            .OfType<Id<Box>>()
            .Select(b => b.Text);
        return [.. boxes, .. joined, .. circuits.Select(c => c.Text), .. spoil.Named];
    }
}
