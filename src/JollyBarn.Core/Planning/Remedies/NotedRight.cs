using JollyBarn.Inspection;
using JollyBarn.Measures;
using JollyBarn.Terms;

namespace JollyBarn.Planning.Remedies;

/// <summary>What is mended at the wall by hand, so that a fact is right afterwards.</summary>
public sealed class NotedRight : IRemedies
{
    /// <summary>By rule: the fact, and its answer afterwards.</summary>
    private static readonly Dictionary<string, (FactKey Fact, string Answer)> Hand = new(StringComparer.Ordinal)
    {
        ["plate"] = (WallFacts.PlateSeats, "yes"),
        ["plate-bonded"] = (BoxFacts.PlateMetal, "no"),
        ["covered"] = (WallFacts.Covered, "yes"),
        ["accessible"] = (WallFacts.Access, "tile"),
        ["concealed-splice"] = (WallFacts.Access, "tile"),
        ["bond-screw"] = (BoxFacts.BondScrew, "screw"),
        ["box-held"] = (BoxFacts.Held, "yes"),
        ["ears"] = (BoxFacts.EarsBacked, "yes"),
        ["nails"] = (BoxFacts.Nails, "edge"),
        ["gap"] = (WallFacts.Gap, "0"),
        ["setback"] = (WallFacts.Setback, "0"),
        ["proud"] = (WallFacts.Proud, "0"),
        ["bonded-through"] = (BoxFacts.BondedThrough, "yes"),
        ["box-wet"] = (BoxFacts.BoxWetListed, "yes"),
        ["fire-seal"] = (WallFacts.Sealed, "yes"),
        ["fire-opposite"] = (WallFacts.FireProtected, "yes"),
        ["clean"] = (BoxFacts.Clean, "yes"),
        ["stub"] = (BoxFacts.CarriedBy, "two"),
        ["height"] = (WallFacts.Height, "48"),
        ["fastener-sound"] = (CableFacts.FastenerSound, "yes"),
        ["stacked"] = (CableFacts.Stacked, "no"),
        ["grommet"] = (CableFacts.Grommet, "yes"),
        ["edge"] = (CableFacts.Plated, "yes"),
        ["bushing"] = (CableFacts.Bushing, "yes"),
        ["riser"] = (CableFacts.Riser, "yes"),
        ["multiwire-tied"] = (CableFacts.Tied, "yes"),
        ["entry-listed"] = (BoxFacts.TwoListed, "yes"),
        ["joint-tight"] = (LeadFacts.Tight, "yes"),
        ["joint-reused"] = (LeadFacts.Reused, "no"),
        ["rigid"] = (DeviceFacts.Rigid, "yes"),
        ["device-screws"] = (DeviceFacts.Screws, "machine"),
        ["torque"] = (DeviceFacts.Torqued, "tool"),
        ["taped"] = (DeviceFacts.Taped, "yes"),
        ["tamper"] = (DeviceFacts.Tamper, "yes"),
        ["hook"] = (LeadFacts.Hook, "clockwise"),
        ["bare-past"] = (LeadFacts.Bare, "0"),
        ["dimmer"] = (DeviceFacts.DimsReceptacle, "no"),
        ["bath-zone"] = (WallFacts.BathZone, "no"),
        ["tagged"] = (CableFacts.Tagged, "yes"),
        ["no-ground"] = (DeviceFacts.Labelled, "yes"),
        ["lead-damage"] = (LeadFacts.Hurt, "none"),
    };

    public enum Case
    {
        Mended,

        /// <summary>Mended by so much.</summary>
        MendedBy,
    }

    public IReadOnlyList<string> Rules { get; } = [.. Hand.Keys];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        if (ask.Finding.Verdict == Verdict.Stop && ask.Finding.Rule != "joint-tight")
        {
            yield break;
        }

        var (fact, answer) = Hand[ask.Finding.Rule];
        var by =
            ask.Finding.Rule is "setback" or "proud" or "gap" or "bare-past" && fact is FactKey<Length> tape
                ? ask.Look.Read(tape, ask.Of)
                : null;
        yield return Remedy.Of(
            by is null ? Case.Mended : Case.MendedBy,
            ask.Note(ask.Of, fact, answer),
            ("rule", ask.Finding.Rule),
            ("by", by)
        );
    }
}
