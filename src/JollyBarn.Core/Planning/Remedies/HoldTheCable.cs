using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Remedies;

/// <summary>A cable that nothing holds: a clamp or connector; or, at a small plastic box, a fastener near.</summary>
public sealed class HoldTheCable : IRemedies
{
    public IReadOnlyList<string> Rules { get; } = ["cable-held"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        if (ask.Look.Cables.FirstOrDefault(c => c.Id == ask.Of)?.End.Entry is not { } entry)
        {
            yield break;
        }

        var free = ask.Look.Limits.Inches("cable.fastener.free");
        if (ask.Look.Fished(ask.Of) != true)
        {
            yield return new($"Fasten the cable within {free} along the sheath.", ask.Note(ask.Of, "fastener", free.ToString()));
        }

        var size = ask.Box.Entries.Find(entry)?.Size ?? "1/2";
        yield return new($"A {size} in connector listed for the cable in its knockout.", new SetEntry(ask.BoxId, entry, Holding: Holding.OutsideConnector));
    }
}

/// <summary>A hole: a plug that fits it.</summary>
public sealed class CloseTheHole : IRemedies
{
    public IReadOnlyList<string> Rules { get; } = ["entry-open"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        yield return new($"A {ask.Box.Entries.Find(ask.Of)?.Size ?? "1/2"} in knockout plug.", new SetEntry(ask.BoxId, ask.Of, State: EntryState.Plugged));
    }
}

/// <summary>Sheath too short or too long, cable too slack: pull or trim by so much.</summary>
public sealed class PullOrTrim : IRemedies
{
    public IReadOnlyList<string> Rules { get; } = ["sheath", "sheath-long", "slack"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        var (key, limit) = ask.Finding.Rule switch { "sheath" => ("sheath", "cable.sheath"), "sheath-long" => ("sheath", "cable.sheath.house"), _ => ("slack", "cable.slack") };
        if (ask.Look.Tape(ask.Of, key) is not { } there)
        {
            yield break;
        }

        var wanted = ask.Look.Limits.Inches(limit);
        var says = ask.Finding.Rule switch
        {
            "sheath" => $"Pull {wanted - there} more cable in, so that {wanted} of sheath shows past the clamp.",
            "sheath-long" => $"Trim {there - wanted} of sheath.",
            _ => $"Set the first support {there - wanted} nearer, or take up the slack.",
        };
        yield return new(says, ask.Note(ask.Of, key, wanted.ToString()));
    }
}

/// <summary>Fasteners too far apart, a bend too tight, a cable too shallow or too many together.</summary>
public sealed class Fastened : IRemedies
{
    public IReadOnlyList<string> Rules { get; } = ["fastener", "spacing", "bend", "buried", "bundled"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        var limits = ask.Look.Limits;
        switch (ask.Finding.Rule)
        {
            case "fastener":
                var near = limits.Inches(ask.Finding.Practice is null ? "cable.fastener" : ask.Box.Material == BoxMaterial.Metal ? "cable.fastener.house.metal" : "cable.fastener.house.plastic");
                yield return new($"A fastener within {near} of the box.", ask.Note(ask.Of, "fastener", near.ToString()));
                break;
            case "spacing":
                yield return new($"Fasteners every {limits.Inches("cable.spacing")}.", ask.Note(ask.Of, "spacing", limits.Inches("cable.spacing").ToString()));
                break;
            case "bend":
                yield return new("Pull the bend out to a hand's breadth; change the cable if it is kinked.", ask.Note(ask.Of, "bend", "4"));
                break;
            case "buried":
                var deep = limits.Inches("buried.cable");
                yield return new($"Lower it by {deep - (ask.Look.Tape(ask.Of, "buried") ?? Length.Zero)}, to {deep}.", ask.Note(ask.Of, "buried", deep.ToString()));
                yield return new("Put a GFCI ahead of the buried part.", ask.Note(Subjects.Box, "gfci-ahead", "yes"));
                break;
            default:
                yield return new("Give the cables holes of their own, at most two in one.", ask.Note(ask.Of, "bundled", "2"));
                break;
        }
    }
}
