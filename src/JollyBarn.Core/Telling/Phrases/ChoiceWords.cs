using JollyBarn.CodeBook;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Rules;
using JollyBarn.Telling.Facts;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Phrases;

/// <summary>What the choices of facts, uses and kinds are called in sentences.</summary>
internal static class ChoiceWords
{
    public static string Of(Enum choice) =>
        choice switch
        {
            Damp damp => Choice.Text(damp),
            GroundScrew screw => Choice.Text(screw),
            ConductorUse use => Use(use),
            Purpose purpose => PurposeWords.Of(purpose),
            Setback.Face face => face switch
            {
                Setback.Face.Burns => "behind a face that burns",
                Setback.Face.DoesNotBurn => "behind a face that does not burn",
                _ => "behind the finished face",
            },
            LandingKind kind => kind switch
            {
                LandingKind.ClampPlate => "plate",
                LandingKind.PushIn => "push-in hole",
                LandingKind.Port => "port",
                _ => "screw",
            },
            Basis basis => basis switch
            {
                Basis.Mark => " (by the mark of a cable nobody followed)",
                Basis.Said => " (as far as its use is recorded)",
                _ => "",
            },
            LeadForm form => form == LeadForm.PassingThrough ? "going on unbroken" : "an unbroken loop",
            _ => choice.ToString(),
        };

    /// <summary>What a missing thing is called.</summary>
    public static string What(What what) =>
        what switch
        {
            Terms.What.BoxKind => "kind of box",
            Terms.What.Change => "Change",
            Terms.What.Class => "class",
            Terms.What.Learner => "learner",
            Terms.What.CircuitQuestion => "question about a circuit",
            Terms.What.DeviceKind => "kind of device",
            Terms.What.DoneEdit => "done edit",
            Terms.What.Hold => "thing that is waited for",
            Terms.What.Pattern => "standard make",
            Terms.What.Complaint => "trouble",
            Terms.What.PlannedEdit => "planned edit",
            Terms.What.TerminalBlock => "terminal block",
            Terms.What.WallThing => "thing on this wall",
            _ => what.ToString().ToLowerInvariant(),
        };

    /// <summary>How the wall of a Change is, and how its permit stands, as far as an edit says.</summary>
    public static string Stages(WallIs? wall, PermitIs? permit) =>
        string.Join(
            ", ",
            new[]
            {
                wall switch
                {
                    null => null,
                    WallIs.Finished => "the wall is finished",
                    WallIs.Open => "the wall is open",
                    WallIs.ClosedSince => "the wall is closed since",
                    _ => "nobody knows how the wall is",
                },
                permit switch
                {
                    null => null,
                    PermitIs.NotNeeded => "no permit needed",
                    PermitIs.AppliedFor => "permit applied for",
                    PermitIs.Granted => "permit granted",
                    _ => "nobody asked for a permit",
                },
            }.OfType<string>()
        );

    /// <summary>A side of a box: <c>top</c>.</summary>
    public static string Side(EntrySide side) => side.ToString().ToLowerInvariant();

    /// <summary>What a wire is of, where that is not copper; null where it is, or is not known.</summary>
    public static string? OtherMetal(Metal? metal) =>
        metal switch
        {
            Metal.Aluminum => "aluminum",
            Metal.CopperClad => "copper-clad aluminum",
            _ => null,
        };

    /// <summary>What kind a cable is.</summary>
    public static string Cable(CableType type) =>
        type switch
        {
            CableType.NmB => "NM-B",
            CableType.UfB => "UF-B",
            CableType.Ac => "AC",
            CableType.Mc => "MC",
            CableType.Cord => "cord",
            CableType.OldTwoWire => "old two-wire",
            CableType.Raceway => "wires in a raceway",
            CableType.KnobTube => "knob-and-tube",
            _ => "of no known kind",
        };

    /// <summary>What conductors are made of.</summary>
    public static string Of(Metal metal) =>
        metal switch
        {
            Metal.Copper => "copper",
            Metal.Aluminum => "aluminum",
            Metal.CopperClad => "copper-clad aluminum",
            _ => "of no known metal",
        };

    /// <summary>What its ground is.</summary>
    public static string Ground(GroundKind ground) =>
        ground switch
        {
            GroundKind.Bare => "a bare ground",
            GroundKind.Insulated => "an insulated ground",
            GroundKind.Sheath => "its own metal is the ground",
            GroundKind.None => "no ground",
            _ => "ground not known",
        };

    /// <summary>What a conductor is used as.</summary>
    public static string Use(ConductorUse use) =>
        use switch
        {
            ConductorUse.Hot => "hot",
            ConductorUse.Neutral => "neutral",
            ConductorUse.Switched => "switched hot",
            ConductorUse.Traveler => "a traveler",
            ConductorUse.Ground or ConductorUse.IsolatedGround => "ground",
            _ => "nobody knows what",
        };
}
