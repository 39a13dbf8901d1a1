using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Testing;
using JollyBarn.Wiring;
using static JollyBarn.Testing.RuleBoxes;

namespace JollyBarn.Core.Tests;

/// <content>The verdicts and what settles them.</content>
public partial class RemedyTests
{
    private static readonly IReadOnlyList<Case> Cases =
    [
        new("setback", "metal", "box", "extender. By 1 3/8 in.", "as far as it is behind the face", Note("box", "setback", "1 3/8")),
        new("proud", "metal", "box", "back to the face. By 3/8 in.", "as far as it stands out", Note("box", "proud", "3/8")),
        new("gap", "metal", "box", "Fill the gap to the box. By 1/2 in.", "the whole gap", Note("box", "gap", "1/2")),
        new("sheath", "metal", "r0.a", "Pull 3/16 in more cable in, so that 1/4 in", "1/4 − 1/16", Note("r0.a", "sheath", "1/16")),
        new("sheath", "metal", "r0.a", "Pull 1/4 in more cable in, so that 1/4 in", "it ends outside", Note("r0.a", "sheath", "0")),
        new("sheath-long", "metal", "r0.a", "Trim 1 1/2 in of sheath.", "2 1/2 − 1", Note("r0.a", "sheath", "2 1/2")),
        new(
            "slack",
            "metal",
            "r0.a",
            "first support 6 in nearer",
            "24 − 18, 334.30",
            Note("r0.a", "slack", "24"),
            Note("r0.a", "fastener", "8")
        ),
        new("fastener", "metal", "r0.a", "A fastener within 12 in", "334.30", Note("r0.a", "fastener", "20")),
        new(
            "fastener",
            "metal",
            "r0.a",
            "A fastener within 9 in",
            "a local amendment of 334.30",
            Note("r0.a", "fastener", "20"),
            Amended("cable.fastener", 9)
        ),
        new(
            "spacing",
            "metal",
            "r0.a",
            "Fasteners every 54 in",
            "4 1/2 ft, 334.30",
            Note("r0.a", "spacing", "70"),
            Note("r0.a", "fastener", "8")
        ),
        new(
            "buried",
            "buried",
            "r0.a",
            "Lower it by 8 in, to 24 in.",
            "24 − 16, Table 300.5",
            Note("r0.a", "buried", "16"),
            Note("r0.a", "cover", "soil"),
            Note("box", "gfci-ahead", "no")
        ),
        new(
            "entry-open",
            "blank",
            "hole",
            "A 3/4 in knockout plug.",
            "its own size",
            new AddEntry("b", "hole", EntrySide.Left, EntryState.Open, Size: "3/4")
        ),
        new(
            "cable-held",
            "gfci",
            "feed.a",
            "Fasten the cable within 8 in along the sheath.",
            "314.17(C) exception",
            Note("feed.a", "fastener", "10")
        ),
        new("free-length", "gfci", "safe.a0", "Pull 3 1/2 in more cable in", "8 − 4 1/2, practice", Note("safe.a0", "length", "4 1/2")),
        new(
            "free-length",
            "gfci",
            "safe.a0",
            "Join 12 AWG black of 8 in on",
            "the house's pigtail, of the lead's gauge and colour",
            Note("safe.a0", "length", "4 1/2")
        ),
        new(
            "free-length",
            "gfci",
            "safe.a0",
            "Join 12 AWG black of 9 in on",
            "a house that cuts 9",
            Note("safe.a0", "length", "4 1/2"),
            new SetPractice(PracticeBook.PigtailLength.Key, "9")
        ),
        new("pigtail-gauge", "metal", "t0", "A 12 AWG pigtail of 8 in", "20 A, 240.4(D)", Tail(14)),
        new("pigtail-gauge", "metal", "t0", "A 10 AWG pigtail of 8 in", "30 A, 240.4(D)", Tail(12), Breaker(30)),
        new("pigtail-gauge", "metal", "t0", "A 15 A breaker in slot 1", "what 14 may carry", Tail(14)),
        new("wire-breaker", "switch", "r0.a", "A 15 A breaker in slot 1", "what 14 may carry", Breaker(20)),
        new("wire-breaker", "metal", "r0.a", "A 20 A breaker in slot 1", "what 12 may carry", Breaker(30)),
        new("rating", "metal", "r", "a receptacle of 20 A", "210.21(B)(3)", Note("r", "rating", "30")),
        new(
            "joint-connector",
            "metal",
            "hots",
            "A medium twist-on for its 3 conductors.",
            "two cables and a pigtail",
            new SetJoint("b", "hots", "bare", "hots")
        ),
        new(
            "joint-connector",
            "metal",
            "hots",
            "A three-port lever connector for its 3 conductors.",
            "a port each",
            new SetJoint("b", "hots", "bare", "hots")
        ),
        new(
            "entry-size",
            "range",
            "r0.a",
            "Punch the knockout out to 3/4 in",
            "a 3/4 in connector takes 6-3",
            new SetEntry("b", "k0", Holding: Holding.OutsideConnector, Size: "1/2")
        ),
        new(
            "gfci",
            "two-legs",
            "r",
            "A two-pole ground-fault breaker",
            "practice: two single-pole ones on a shared neutral see each other's current as a leak",
            [TwoPoles(3), .. Room("bathroom")]
        ),
        new(
            "multiwire-tied",
            "two-legs",
            "on.a",
            "Move breaker 8 to slot 3, next to breaker 1",
            "210.4(B): a tie joins neighbours, two slots on one side",
            TwoPoles(8)
        ),
        new(
            "box-bonded",
            "metal",
            "box",
            "A bare 12 AWG pigtail",
            "from the grounds, so that the receptacle can come off",
            [
                new RemoveCable("b", "r1"),
                new RemovePigtail("b", "t2"),
                new RemovePigtail("b", "bond"),
                new MoveLead("b", "r0.a2", GfciBox.At("ground/screw", "r")),
                new AddPigtail("b", "bond", GfciBox.At("ground/screw", "r"), new(LandingAt.BondingScrew)),
            ]
        ),
        new("joint-near", "gfci", "grounds", "A large twist-on for its 4 conductors.", "four 12 AWG are the most of a medium"),
        new(
            "joint-connector",
            "joints",
            "hots",
            "Two joints and a jumper of 8 in: 3 conductors go to the second.",
            "six, half to each",
            [.. More("r3"), .. More("r4"), .. More("r5"), new SetJoint("b", "hots", "bare", "hots")]
        ),
        new(
            "box-bonded",
            "metal",
            "box",
            "A bare 12 AWG pigtail, 8 in, from the grounds to a 10-32 screw",
            "the largest ground in the box",
            new RemovePigtail("b", "bond")
        ),
        new(
            "device-bonded",
            "metal",
            "r",
            "A ground pigtail, 8 in, from the grounds to the duplex receptacle.",
            "the house's pigtail",
            new RemovePigtail("b", "t2"),
            Note("r", "self-ground", "no")
        ),
        new(
            "landing",
            "metal",
            "r0.a2",
            "Join the 2, with a pigtail of 8 in to the ground.",
            "one to a screw, 110.14(A)",
            new RemovePigtail("b", "t2"),
            new MoveLead("b", "r0.a2", GfciBox.At("ground/screw", "r")),
            new MoveLead("b", "r1.a2", GfciBox.At("ground/screw", "r"))
        ),
        new(
            "neutrals-apart",
            "joints",
            "neutrals",
            "Part the neutrals: cap the white of",
            "one neutral of another circuit",
            new PutCircuit("d", new Circuit("Lights")),
            new SetRun("r2", Circuit: "d")
        ),
        new(
            "neutrals-apart",
            "joints",
            "neutrals",
            "Part the neutrals: the 2 of Lights to a joint of their own",
            "two neutrals of another circuit",
            new AddCable("b", "r3", "k3", Jobs.Nm(12, 2)),
            new MoveLead("b", "r3.a1", GfciBox.In("neutrals")),
            new PutCircuit("d", new Circuit("Lights")),
            new SetRun("r2", Circuit: "d"),
            new SetRun("r3", Circuit: "d")
        ),
        new("plate-bonded", "two-wire", "box", "Put on a plate of plastic", "406.6(B)", Note("box", "plate-metal", "yes")),
    ];

    /// <summary>Two breakers of one pole on the circuit of the multiwire box, in slot 1 and another.</summary>
    private static PutPanel TwoPoles(int other) =>
        new(
            "p",
            new Panel("Panel", SupplySystem.SplitPhase, 20, 100, "s")
            {
                Breakers = [new(1, 1, 20, BreakerKind.Standard, "c"), new(other, 1, 20, BreakerKind.Standard, "c")],
            }
        );
}
