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
        Upstream,
        AfciBreaker,
        TwoSlot,
        ProtectAndMark,
        ForTheWeather,
    }

    public IReadOnlyList<string> Rules { get; } = ["gfci", "afci", "no-ground", "weather"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        switch (ask.Finding.Rule)
        {
            case "gfci":
                if (ask.Box.Devices.Find(ask.Of)?.Kind is "receptacle" or "receptacle-single")
                {
                    yield return Remedy.Of(Case.Protective, Swapped(ask, "protective", "line-"));
                }

                yield return Remedy.Of(Case.Upstream, ask.Note(Subjects.Box, WallFacts.GfciAhead, "yes"));
                break;
            case "afci":
                yield return Remedy.Of(Case.AfciBreaker, ask.Note(Subjects.Box, WallFacts.AfciAhead, "yes"));
                break;
            case "no-ground":
                if (ask.Box.Devices.Find(ask.Of)?.Kind == "receptacle")
                {
                    yield return Remedy.Of(Case.TwoSlot, Swapped(ask, "receptacle-two-slot", null));
                }

                yield return Remedy.Of(
                    Case.ProtectAndMark,
                    new Batch(
                        [ask.Note(Subjects.Box, WallFacts.GfciAhead, "yes"), ask.Note(ask.Of, DeviceFacts.Labelled, "yes")],
                        For: BatchFor.ProtectedAndMarked
                    )
                );
                break;
            default:
                yield return Remedy.Of(
                    Case.ForTheWeather,
                    new Batch(
                        [ask.Note(ask.Of, DeviceFacts.Weather, "yes"), ask.Note(ask.Of, DeviceFacts.WetCover, "in-use")],
                        For: BatchFor.RightForPlace
                    )
                );
                break;
        }
    }

    /// <summary>Another device; what lay on hot and neutral goes to the same of the new one.</summary>
    private static Batch Swapped(RemedyAsk ask, string kind, string? side)
    {
        var edits = new List<Edit> { new SwapDevice(ask.BoxId, ask.Of, kind) };
        foreach (
            var end in ask
                .Look.On(ask.Of)
                .Where(e =>
                    side is not null
                    && e.At.Terminal is { } t
                    && (t.StartsWith("hot", StringComparison.Ordinal) || t.StartsWith("neutral", StringComparison.Ordinal))
                )
        )
        {
            var to = RemedyAsk.At(
                ask.Of,
                $"{side}{(end.At.Terminal!.StartsWith("hot", StringComparison.Ordinal) ? "hot" : "neutral")}/plate"
            );
            edits.Add(
                ask.Box.Leads.Has(end.Id)
                    ? new MoveLead(ask.BoxId, end.Id, to)
                    : new LandPigtail(ask.BoxId, end.Id, ask.Box.Pigtails[end.Id].To == end.At, to)
            );
        }

        return new(edits, For: BatchFor.DevicePutIn);
    }
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

    public IReadOnlyList<string> Rules { get; } = ["splice-box", "weight"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        if (ask.Finding.Rule == "weight")
        {
            if (ask.Finding.Is("weight", Weight.Case.FanOnPlainBox))
            {
                yield return Remedy.Of(Case.FanBox, ask.Note(Subjects.Box, BoxFacts.FanListed, "yes"));
            }
            else if (ask.Box.Shape == BoxShape.Device)
            {
                yield return Remedy.Of(Case.CeilingBox, new SetBoxKind(ask.BoxId, "round-4x2-1/8"));
            }

            yield break;
        }

        var hangs = ask.Box.Devices.Count > 0;
        foreach (var kind in hangs ? new[] { "nm-round-22.5", "ow-round-14" } : ["nm-square-32", "nm-square-42"])
        {
            var edits = new List<Edit> { new SetBoxKind(ask.BoxId, kind) };
            edits.AddRange(
                ask.Box.Entries.Where(e => e.Value.Holding is Holding.Nothing or Holding.Unknown && e.Value.State == EntryState.Used)
                    .Select(e => new SetEntry(ask.BoxId, e.Key, Holding: Holding.Flap))
            );
            if (!hangs)
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
    }

    public IReadOnlyList<string> Rules { get; } = ["cable-wet"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        if (ask.Look.Cables.FirstOrDefault(c => c.Id == ask.Of) is { } cable)
        {
            yield return Remedy.Of(Case.UfB, new SetRun(cable.RunId, CableType.UfB));
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
