using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Remedies;

/// <summary>Protection a place asks and does not have: a device here, or one upstream.</summary>
public sealed class ProtectIt : IRemedies
{
    public IReadOnlyList<string> Rules { get; } = ["gfci", "afci", "no-ground", "weather"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        switch (ask.Finding.Rule)
        {
            case "gfci":
                if (ask.Box.Devices.Find(ask.Of)?.Kind is "receptacle" or "receptacle-single")
                {
                    yield return new("Put a protective receptacle in its place.", Swapped(ask, "protective", "line-"));
                }

                yield return new("Protect it upstream: a GFCI breaker or the first receptacle of the run, and test it.", ask.Note(Subjects.Box, "gfci-ahead", "yes"));
                break;
            case "afci":
                yield return new("An AFCI or dual-function breaker (licensed work).", ask.Note(Subjects.Box, "afci-ahead", "yes"));
                break;
            case "no-ground":
                if (ask.Box.Devices.Find(ask.Of)?.Kind == "receptacle")
                {
                    yield return new("Put a two-slot receptacle back.", Swapped(ask, "receptacle-two-slot", null));
                }

                yield return new("Protect it with a GFCI and put both marks on it.", new Batch([ask.Note(Subjects.Box, "gfci-ahead", "yes"), ask.Note(ask.Of, "labelled", "yes")], "Protected and marked"));
                break;
            default:
                yield return new("A weather-resistant receptacle and a cover for the place.", new Batch([ask.Note(ask.Of, "weather", "yes"), ask.Note(ask.Of, "wet-cover", "in-use")], "Right for the place"));
                break;
        }
    }

    /// <summary>Another device; what lay on hot and neutral goes to the same of the new one.</summary>
    private static Batch Swapped(RemedyAsk ask, string kind, string? side)
    {
        var edits = new List<Edit> { new SwapDevice(ask.BoxId, ask.Of, kind) };
        foreach (var end in ask.Look.On(ask.Of).Where(e => side is not null && e.At.Terminal is { } t && (t.StartsWith("hot", StringComparison.Ordinal) || t.StartsWith("neutral", StringComparison.Ordinal))))
        {
            var to = RemedyAsk.At(ask.Of, $"{side}{(end.At.Terminal!.StartsWith("hot", StringComparison.Ordinal) ? "hot" : "neutral")}/plate");
            edits.Add(ask.Box.Leads.Has(end.Id) ? new MoveLead(ask.BoxId, end.Id, to) : new LandPigtail(ask.BoxId, end.Id, ask.Box.Pigtails[end.Id].To == end.At, to));
        }

        return new(edits, $"{DeviceKinds.Find(kind)?.Name} put in");
    }
}

/// <summary>A splice with no box round it: a box.</summary>
public sealed class BoxForTheSplice : IRemedies
{
    public IReadOnlyList<string> Rules { get; } = ["splice-box", "weight"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        if (ask.Finding.Rule == "weight")
        {
            if (ask.Finding.Says.Contains("not marked", StringComparison.Ordinal))
            {
                yield return new("Change the box for one marked for fans, braced to the joists.", ask.Note(Subjects.Box, "fan-listed", "yes"));
            }
            else if (ask.Box.Shape == BoxShape.Device)
            {
                yield return new("Hang it from a ceiling box on a brace.", new SetBoxKind(ask.BoxId, "round-4x2-1/8"));
            }

            yield break;
        }

        var hangs = ask.Box.Devices.Count > 0;
        foreach (var kind in hangs ? new[] { "nm-round-22.5", "ow-round-14" } : ["nm-square-32", "nm-square-42"])
        {
            var edits = new List<Edit> { new SetBoxKind(ask.BoxId, kind) };
            edits.AddRange(ask.Box.Entries.Where(e => e.Value.Holding is Holding.Nothing or Holding.Unknown && e.Value.State == EntryState.Used).Select(e => new SetEntry(ask.BoxId, e.Key, Holding: Holding.Flap)));
            if (!hangs)
            {
                edits.Add(new AddPart(ask.BoxId, ask.Free("cover"), "cover-flat-square"));
            }

            yield return new($"Put a {BoxKinds.Find(kind)!.Name} box round it, where it stays in reach.", new Batch(edits, "A box for the splice"));
        }
    }
}

/// <summary>A cable that does not suit the place: one that does.</summary>
public sealed class OtherCable : IRemedies
{
    public IReadOnlyList<string> Rules { get; } = ["cable-wet"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        if (ask.Look.Cables.FirstOrDefault(c => c.Id == ask.Of) is { } cable)
        {
            yield return new($"Run UF-B of the same size in its place.", new SetRun(cable.RunId, CableType.UfB));
        }
    }
}

/// <summary>A split receptacle whose tab is whole: break it.</summary>
public sealed class OtherTab : IRemedies
{
    public IReadOnlyList<string> Rules { get; } = ["split-tab"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        if (ask.Box.Devices.TryFind(ask.Of, out var device))
        {
            yield return new("Break the tab between its hot terminals.", new SetDevice(ask.BoxId, ask.Of, device.Name, BrokenTabs: [.. device.BrokenTabs, "hot"]));
        }
    }
}
