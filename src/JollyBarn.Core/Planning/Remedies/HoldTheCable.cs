using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Inspection.Rules;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Remedies;

/// <summary>A cable that nothing holds: a clamp or connector; or, at a small plastic box, a fastener near.</summary>
public sealed class HoldTheCable : IRemedies
{
    public enum Case
    {
        FastenNear,
        Connector,
        LargerHole,
    }

    public IReadOnlyList<string> Rules { get; } = ["cable-held", "entry-size"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        if (ask.Look.Cables.FirstOrDefault(c => c.Id == ask.Of)?.End.Entry is not { } entry)
        {
            yield break;
        }

        if (ask.Finding.Rule == "entry-size")
        {
            if (ask.Box.Material == BoxMaterial.Metal)
            {
                var larger = EntrySize.Least(ask.Look);
                yield return Remedy.Of(Case.LargerHole, new SetEntry(ask.BoxId, entry, Size: larger.Nominal), ("size", larger));
            }

            yield break;
        }

        var free = ask.Look.Limits.Inches("cable.fastener.free");
        if (ask.Look.Fished(ask.Of) != true)
        {
            yield return Remedy.Of(Case.FastenNear, ask.Again(ask.Of, CableFacts.Fastener), ("at", free));
        }

        var size = ask.Box.Entries.Find(entry)?.Size ?? "1/2";
        yield return Remedy.Of(Case.Connector, new SetEntry(ask.BoxId, entry, Holding: Holding.OutsideConnector), ("size", size));
    }
}

/// <summary>A hole: a plug that fits it.</summary>
public sealed class CloseTheHole : IRemedies
{
    public enum Case
    {
        Plug,
    }

    public IReadOnlyList<string> Rules { get; } = ["entry-open"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        yield return Remedy.Of(
            Case.Plug,
            new SetEntry(ask.BoxId, ask.Of, State: EntryState.Plugged),
            ("size", ask.Box.Entries.Find(ask.Of)?.Size ?? "1/2")
        );
    }
}

/// <summary>Sheath too short or too long, cable too slack: pull or trim by so much.</summary>
public sealed class PullOrTrim : IRemedies
{
    public enum Case
    {
        Pull,
        Trim,
        Support,
    }

    public IReadOnlyList<string> Rules { get; } = ["sheath", "sheath-long", "slack"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        var (fact, limit, way) = ask.Finding.Rule switch
        {
            "sheath" => (CableFacts.Sheath, "cable.sheath", Case.Pull),
            "sheath-long" => (CableFacts.Sheath, "cable.sheath.house", Case.Trim),
            _ => (CableFacts.Slack, "cable.slack", Case.Support),
        };
        if (ask.Look.Read(fact, ask.Of) is not { } there)
        {
            yield break;
        }

        var wanted = ask.Look.Limits.Inches(limit);
        yield return Remedy.Of(
            way,
            ask.Again(ask.Of, fact),
            ("by", way == Case.Pull ? wanted - there : there - wanted),
            ("wanted", wanted)
        );
    }
}

/// <summary>Fasteners too far apart, a bend too tight, a cable too shallow or too many together.</summary>
public sealed class Fastened : IRemedies
{
    public enum Case
    {
        Near,
        Every,
        Straighten,
        Lower,
        GfciAhead,
        LowerWithGfci,
        Apart,
    }

    public IReadOnlyList<string> Rules { get; } = ["fastener", "spacing", "bend", "buried", "bundled"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        var limits = ask.Look.Limits;
        switch (ask.Finding.Rule)
        {
            case "fastener":
                var near = limits.Inches(ask.Finding.Limit!);
                yield return Remedy.Of(Case.Near, ask.Again(ask.Of, CableFacts.Fastener), ("at", near));
                break;
            case "spacing":
                var every = limits.Inches(ask.Finding.Limit!);
                yield return Remedy.Of(Case.Every, ask.Again(ask.Of, CableFacts.Spacing), ("at", every));
                break;
            case "bend":
                yield return Remedy.Of(Case.Straighten, ask.Again(ask.Of, CableFacts.Bend));
                break;
            case "buried":
                foreach (var way in Deeper(ask))
                {
                    yield return way;
                }

                break;
            default:
                yield return Remedy.Of(Case.Apart, ask.Again(ask.Of, CableFacts.Bundled));
                break;
        }
    }

    /// <summary>Down to the depth it wants as it is; and, where that is enough, protection ahead of the buried part, alone or with less to
    /// dig.</summary>
    private static IEnumerable<Remedy> Deeper(RemedyAsk ask)
    {
        if (
            ask.Look.Cables.FirstOrDefault(c => c.Id == ask.Of) is not { } cable
            || ask.Look.Read(CableFacts.Buried, ask.Of) is not { } now
            || ask.Finding.Limit is not { } limit
        )
        {
            yield break;
        }

        var over = ask.Look.Read(CableFacts.Over, ask.Of);
        var deep = ask.Look.Limits.Inches(limit);
        yield return Remedy.Of(Case.Lower, ask.Again(ask.Of, CableFacts.Buried), ("by", deep - now), ("at", deep));
        if (over is { } under && Buried.WithGfci(ask.Look, cable, under) is { } less && less < deep)
        {
            var again = ask.Again(Subjects.Box, WallFacts.GfciAhead);
            yield return now >= less
                ? Remedy.Of(Case.GfciAhead, again)
                : Remedy.Of(Case.LowerWithGfci, new Batch([ask.Again(ask.Of, CableFacts.Buried), again]), ("by", less - now), ("at", less));
        }
    }
}
