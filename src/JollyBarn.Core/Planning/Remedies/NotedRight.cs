using JollyBarn.CodeBook;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Rules;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Remedies;

/// <summary>What is mended at the wall by hand; then somebody looks again and records what they saw.</summary>
public sealed class NotedRight : IRemedies
{
    /// <summary>By rule: the fact to look at again afterwards.</summary>
    private static readonly Dictionary<string, FactKey> Hand = new(StringComparer.Ordinal)
    {
        ["plate"] = WallFacts.PlateSeats,
        ["plate-bonded"] = BoxFacts.PlateMetal,
        ["covered"] = WallFacts.Covered,
        ["accessible"] = WallFacts.Access,
        ["concealed-splice"] = WallFacts.Access,
        ["bond-screw"] = BoxFacts.BondScrew,
        ["bond-count"] = BoxFacts.BondEach,
        ["box-held"] = BoxFacts.Held,
        ["ears"] = BoxFacts.EarsBacked,
        ["nails"] = BoxFacts.Nails,
        ["gap"] = WallFacts.Gap,
        ["setback"] = WallFacts.Setback,
        ["proud"] = WallFacts.Proud,
        ["wall-spacing"] = WallFacts.WallNext,
        ["counter-spacing"] = WallFacts.CounterNext,
        ["bonded-through"] = BoxFacts.BondedThrough,
        ["box-wet"] = BoxFacts.BoxWetListed,
        ["fire-seal"] = WallFacts.Sealed,
        ["fire-opposite"] = WallFacts.FireProtected,
        ["clean"] = BoxFacts.Clean,
        ["stub"] = BoxFacts.CarriedBy,
        ["height"] = WallFacts.Height,
        ["fastener-sound"] = CableFacts.FastenerSound,
        ["stacked"] = CableFacts.Stacked,
        ["grommet"] = CableFacts.Grommet,
        ["edge"] = CableFacts.Plated,
        ["bushing"] = CableFacts.Bushing,
        ["riser"] = CableFacts.Riser,
        ["buried-end"] = CableFacts.EndWaits,
        ["multiwire-tied"] = CableFacts.Tied,
        ["yoke-together"] = DeviceFacts.OpensTogether,
        ["entry-listed"] = BoxFacts.TwoListed,
        ["joint-tight"] = LeadFacts.Tight,
        ["joint-reused"] = LeadFacts.Reused,
        ["rigid"] = DeviceFacts.Rigid,
        ["device-screws"] = DeviceFacts.Screws,
        ["torque"] = DeviceFacts.Torqued,
        ["taped"] = DeviceFacts.Taped,
        ["tamper"] = DeviceFacts.Tamper,
        ["hook"] = LeadFacts.Hook,
        ["bare-past"] = LeadFacts.Bare,
        ["dimmer"] = DeviceFacts.DimsReceptacle,
        ["bath-zone"] = WallFacts.BathZone,
        ["tub-space"] = WallFacts.InTubSpace,
        ["device-test"] = DeviceFacts.ButtonOpens,
        ["ready-access"] = DeviceFacts.ReadyAccess,
        ["tagged"] = CableFacts.Tagged,
        ["no-ground"] = DeviceFacts.Labelled,
        ["lead-damage"] = LeadFacts.Hurt,
        ["low-voltage"] = BoxFacts.LowVoltage,
        ["joint-made"] = LeadFacts.Seen,
        ["closet"] = DeviceFacts.Luminaire,
        ["supply-heat"] = DeviceFacts.SupplyHot,
        ["through-luminaire"] = BoxFacts.ThroughListed,
        ["cable-damage"] = CableFacts.Hurt,
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
        var marks = ask.Finding.Rule == "no-ground" && !ask.Finding.Is("no-ground", GroundingTypeWithoutGround.Case.NotMarked);
        // Read off the wall as it is laid out, it is mended there: another receptacle.
        var laid = ask.Finding.Rule is "wall-spacing" or "counter-spacing" && ask.Look.Read(Spaced(ask)) is null;
        if (marks || laid || (ask.Finding.Verdict == Verdict.Stop && ask.Finding.Rule != "joint-tight"))
        {
            yield break;
        }

        var fact = ask.Finding.Rule switch
        {
            "wall-spacing" or "counter-spacing" => Spaced(ask),
            "bath-zone" => BathZone.Decides(ask.Look),
            "tub-space" when ask.Finding.Is("tub-space", TubSpace.Case.Hangs) => WallFacts.BathZone,
            var rule => Hand[rule],
        };
        var by =
            ask.Finding.Rule is "setback" or "proud" or "gap" or "bare-past" && fact is FactKey<Length> tape
                ? ask.Look.Read(tape, ask.Of)
                : null;
        yield return Remedy.Of(
            by is null ? Case.Mended : Case.MendedBy,
            ask.Again(fact.Of == FactOf.Box ? Subjects.Box : ask.Of, fact),
            ("rule", ask.Finding.Rule),
            ("by", by),
            ("house", House(ask))
        );
    }

    /// <summary>The distance a verdict of spacing stands on.</summary>
    private static FactKey<Length> Spaced(RemedyAsk ask) =>
        (ask.Finding.Rule, ask.Finding.Is(ask.Finding.Rule, OutletSpacing.Case.EdgeTooFar)) switch
        {
            ("wall-spacing", true) => WallFacts.WallEdge,
            ("wall-spacing", false) => WallFacts.WallNext,
            (_, true) => WallFacts.CounterEdge,
            _ => WallFacts.CounterNext,
        };

    /// <summary>The answer of the house that says which way it is mended; null where it is mended one way.</summary>
    private static string? House(RemedyAsk ask) =>
        ask.Finding.Rule switch
        {
            "box-held" when ask.Look.Kind?.OldWork == true => ask.Look.Practice.Answer(PracticeBook.OldWork),
            "cable-damage" => ask.Look.Practice.Answer(PracticeBook.Damaged),
            _ => null,
        };
}
