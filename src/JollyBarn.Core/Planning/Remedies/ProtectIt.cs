using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Inspection.Rules;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Remedies;

/// <summary>Protection a place asks and does not have: a device here, or one upstream.</summary>
public sealed class ProtectIt : IRemedies
{
    public enum Case
    {
        Protective,
        GfciBreaker,
        Upstream,
        AfciBreaker,
        AfciUpstream,
        TwoSlot,
        ForTheWeather,
    }

    public IReadOnlyList<string> Rules { get; } = ["gfci", "afci", "no-ground", "device-bonded", "weather"];

    public IEnumerable<Remedy> For(RemedyAsk ask) =>
        ask.Finding.Rule switch
        {
            "gfci" => [.. Here(ask), .. Breakers(ask, Case.GfciBreaker), Upstream(ask)],
            "afci" => [.. Breakers(ask, Case.AfciBreaker), Remedy.Of(Case.AfciUpstream, ask.Again(Subjects.Box, WallFacts.AfciAhead))],
            "device-bonded" => ask.Finding.Is("device-bonded", DeviceBonded.Case.NoGround) ? Breakers(ask, Case.GfciBreaker) : [],
            "no-ground" => [.. Here(ask), .. TwoSlot(ask), .. Breakers(ask, Case.GfciBreaker), Upstream(ask)],
            _ =>
            [
                Remedy.Of(
                    Case.ForTheWeather,
                    new Batch(
                        [ask.Again(ask.Of, DeviceFacts.Weather), ask.Again(ask.Of, DeviceFacts.WetCover)],
                        For: BatchFor.RightForPlace
                    )
                ),
            ],
        };

    private static Remedy Upstream(RemedyAsk ask) => Remedy.Of(Case.Upstream, ask.Again(Subjects.Box, WallFacts.GfciAhead));

    /// <summary>A protective receptacle in its place, where one feed comes to both of its halves: it would join two under one
    /// plate.</summary>
    private static IEnumerable<Remedy> Here(RemedyAsk ask)
    {
        if (
            ask.Box.Devices.Find(ask.Of)?.Kind is "receptacle" or "receptacle-single" or "receptacle-split"
            && DeviceSwap.Of(ask, ask.Of, "protective") is { } protective
        )
        {
            yield return Remedy.Of(Case.Protective, new Batch(protective, For: BatchFor.DevicePutIn));
        }
    }

    private static IEnumerable<Remedy> TwoSlot(RemedyAsk ask)
    {
        if (
            ask.Box.Devices.Find(ask.Of)?.Kind == "receptacle"
            && !ask.Finding.Is("no-ground", GroundingTypeWithoutGround.Case.RunsOn)
            && DeviceSwap.Of(ask, ask.Of, "receptacle-two-slot") is { } old
        )
        {
            yield return Remedy.Of(Case.TwoSlot, new Batch(old, For: BatchFor.DevicePutIn));
        }
    }

    /// <summary>Breakers of the kind the place asks, one for each that feeds the box or the device; one of two poles for two legs that
    /// share
    /// a neutral, which two would take for a leak.</summary>
    private static IEnumerable<Remedy> Breakers(RemedyAsk ask, Case one)
    {
        var devices = ask.Look.Devices.Where(d => ask.Finding.Of == Subjects.Box || d.Id == ask.Finding.Of).ToList();
        var hots = devices.SelectMany(d => d.Kind.Points().Select(p => ask.Look.Sources.At(d.Id, d.Kind, p.Name))).ToList();
        var feeding = ask.Look.BreakersOf(hots).Distinct(ReferenceEqualityComparer.Instance).Cast<Breaker>().ToList();
        foreach (var (id, panel) in ask.Job.Panels)
        {
            var mine = panel.Breakers.Where(b => feeding.Exists(f => ReferenceEquals(f, b) || SharesNeutral(f, b))).ToList();
            var legs = mine.Where(b => mine.Exists(o => SharesNeutral(b, o))).OrderBy(b => b.Slot).ToList();
            if (mine.Count == 0 || (legs.Count > 0 && (legs.Count != 2 || legs[1].Slot - legs[0].Slot != 2)))
            {
                continue;
            }

            Breaker? Now(Breaker b) =>
                legs.IndexOf(b) switch
                {
                    0 => With(b, one) with { Poles = 2 },
                    1 => null,
                    _ => mine.Contains(b) ? With(b, one) : b,
                };
            yield return Remedy.Of(
                one,
                new PutPanel(id, panel with { Breakers = [.. panel.Breakers.Select(Now).OfType<Breaker>()] }),
                ("breakers", (Thing[])[.. mine.Select(b => Thing.Breaker(id, b.Key))]),
                ("poles", legs.Count > 0 ? 2 : mine.Max(b => b.Poles))
            );
        }
    }

    /// <summary>True for two breakers of one circuit: two legs with one neutral.</summary>
    private static bool SharesNeutral(Breaker one, Breaker other) =>
        one is { Poles: 1, Circuit: { } circuit } && other.Poles == 1 && other.Circuit == circuit && other.Key != one.Key;

    private static Breaker With(Breaker breaker, Case one) =>
        breaker with
        {
            Kind = (one, breaker.Kind) switch
            {
                (Case.GfciBreaker, BreakerKind.Afci) or (Case.AfciBreaker, BreakerKind.Gfci) => BreakerKind.DualFunction,
                (Case.GfciBreaker, _) => BreakerKind.Gfci,
                _ => BreakerKind.Afci,
            },
        };
}

/// <summary>A splice with no box round it: a box.</summary>
public sealed class BoxForTheSplice : IRemedies
{
    public enum Case
    {
        FanBox,
        CeilingBox,
        BoxRound,
    }

    public IReadOnlyList<string> Rules { get; } = ["splice-box", "weight", "fan-ready"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        if (ask.Finding.Rule is "weight" or "fan-ready")
        {
            if (ask.Finding.Is("weight", Weight.Case.FanOnPlainBox) || ask.Finding.Rule == "fan-ready")
            {
                yield return Remedy.Of(Case.FanBox, ask.Again(Subjects.Box, BoxFacts.FanListed));
            }
            else if (ask.Box.Shape == BoxShape.Device)
            {
                yield return Remedy.Of(Case.CeilingBox, new SetBoxKind(ask.BoxId, "round-4x2-1/8"));
            }

            yield break;
        }

        var hangs = ask.Box.Devices.Count > 0;
        foreach (var kind in hangs ? new[] { "nm-round-22.5", "ow-round-14" } : ["nm-square-32", "nm-square-42", "splice-enclosure"])
        {
            var edits = new List<Edit> { new SetBoxKind(ask.BoxId, kind) };
            edits.AddRange(
                ask.Box.Entries.Where(e => e.Value.Holding is Holding.Nothing or Holding.Unknown && e.Value.State == EntryState.Used)
                    .Select(e => new SetEntry(ask.BoxId, e.Key, Holding: Holding.Flap))
            );
            if (!hangs && BoxKinds.Find(kind) is { Own: false })
            {
                edits.Add(new AddPart(ask.BoxId, ask.Free("cover"), "cover-flat-square"));
            }

            yield return Remedy.Of(
                Case.BoxRound,
                new Batch(edits, For: BatchFor.BoxForSplice),
                ("kind", new Thing(ThingKind.BoxKind, kind))
            );
        }
    }
}

/// <summary>A cable that does not suit the place: one that does.</summary>
public sealed class OtherCable : IRemedies
{
    public enum Case
    {
        UfB,
        NmB,
    }

    public IReadOnlyList<string> Rules { get; } = ["cable-wet", "cord"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        if (ask.Look.Cables.FirstOrDefault(c => c.Id == ask.Of) is { } cable)
        {
            yield return ask.Finding.Rule == "cord" && ask.Look.Wetness == Damp.Dry
                ? Remedy.Of(Case.NmB, new SetRun(cable.RunId, CableType.NmB))
                : Remedy.Of(Case.UfB, new SetRun(cable.RunId, CableType.UfB));
        }
    }
}

/// <summary>A split receptacle whose tab is whole: break it.</summary>
public sealed class OtherTab : IRemedies
{
    public enum Case
    {
        Break,
    }

    public IReadOnlyList<string> Rules { get; } = ["split-tab"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        if (ask.Box.Devices.TryFind(ask.Of, out var device))
        {
            yield return Remedy.Of(Case.Break, new SetDevice(ask.BoxId, ask.Of, device.Name, BrokenTabs: [.. device.BrokenTabs, "hot"]));
        }
    }
}
