namespace JollyBarn.CodeBook;

/// <summary>The questions on which the trade differs. All are <em>practice</em>: no article settles them.</summary>
public static partial class PracticeBook
{
    public static PracticeQuestion LongLeads { get; } =
        new(
            "fill.longLeads",
            "Count long leads twice in fill",
            "text",
            PracticeUse.Fill,
            [
                new("text", "only unbroken loops", "The text counts twice only a loop that was never cut."),
                new("every", "every lead of 12 in or more", "A long lead takes the room of two, so some houses count it as two."),
                new(
                    "everyAndGrounds",
                    "every lead of 12 in or more, grounds too",
                    "As above, and a long ground takes room like any other."
                ),
            ]
        );

    public static PracticeQuestion Flap { get; } =
        new(
            "fill.flap",
            "A nonmetallic box's own flap counts as a clamp",
            "no",
            PracticeUse.Fill,
            [
                new("no", "no", "The flap is part of the moulded wall and its room is already in the mark."),
                new("yes", "yes (local)", "Some offices count any mechanism that holds the cable inside."),
            ]
        );

    public static PracticeQuestion MixedGauges { get; } =
        new(
            "gauge.mixed",
            "Mixed 14 and 12 on a 15 A circuit",
            "warn",
            PracticeUse.Verdicts,
            [
                new("warn", "warn", "The next person sees 12 and puts in a 20 A breaker."),
                new("legal", "legal, say nothing", "The code allows it: the breaker suits the thinner one."),
            ]
        );

    public static PracticeQuestion Splice { get; } =
        new(
            "splice.kind",
            "Splices are made with",
            "twistOnPreTwisted",
            PracticeUse.Remedies,
            [
                new("twistOnPreTwisted", "twist-on, leads twisted first", "Holds when the connector comes off."),
                new("twistOn", "twist-on, by its own instructions", "The listing is what counts."),
                new("lever", "lever connector", "Opens again without cutting."),
                new("inline", "inline connector", "Adds length where leads are short."),
                new("crimp", "crimp", "Shaking cannot loosen it: vehicles and boats."),
            ]
        );

    public static PracticeQuestion Fastener { get; } =
        new(
            "fastener.first",
            "First fastener",
            "code",
            PracticeUse.Verdicts,
            [
                new("code", "by the code", "12 in from the box, 8 in along the sheath where the box has no clamps."),
                new(
                    "stricter",
                    "6 in at plastic, 10 in at metal",
                    "A cable that cannot move in the box lasts longer than one that is merely legal."
                ),
            ]
        );

    public static PracticeQuestion Sheath { get; } =
        new(
            "sheath.left",
            "Sheath left inside the box",
            "long",
            PracticeUse.Verdicts,
            [
                new("long", "warn over 1 in", "Long sheath takes room and stiffens the fold."),
                new("trim", "trim near the least, 1/4 in", "Every bit of sheath is room lost."),
                new("any", "1 to 1 1/2 in is fine", "It keeps clamps off the conductors."),
            ]
        );

    public static PracticeQuestion SheathOff { get; } =
        new(
            "sheath.off",
            "Where the sheath comes off",
            "before",
            PracticeUse.MakeUp,
            [
                new("before", "before the cable enters, marked from the box", "No blade near other conductors."),
                new("inside", "inside the box", "The length is sure."),
            ]
        );

    public static PracticeQuestion LeadLength { get; } =
        new(
            "lead.length",
            "Leads are cut",
            "8",
            PracticeUse.Remedies,
            [
                new("8", "about 8 in, never under the rule", "One mistake at the end still leaves a legal lead."),
                new("least", "to the least of the code", "Room in the box is dear."),
                new("depth", "folded twice the depth of the box", "The fold lies where the device does not."),
            ]
        );

    public static PracticeQuestion PigtailLength { get; } =
        new(
            "pigtail.length",
            "Pigtails are cut",
            "8",
            PracticeUse.Verdicts,
            [
                new("6", "6 in", "Short ones fold small."),
                new("8", "8 in", "The device can be turned in the hand."),
                new("9", "9 in", "For deep boxes and stiff wire."),
            ]
        );

    public static PracticeQuestion NearLimit { get; } =
        new(
            "joint.near",
            "A joint near its connector's limit",
            "warn",
            PracticeUse.Verdicts,
            [
                new("warn", "warn", "The last conductor is the one that works loose."),
                new("allow", "allowed", "The listing is what counts."),
                new("split", "two joints and a jumper", "Two easy joints are better than one hard one."),
            ]
        );

    public static PracticeQuestion AtDevice { get; } =
        new(
            "device.feed",
            "Several cables at a device",
            "pigtail",
            PracticeUse.Verdicts,
            [
                new("pigtail", "joined, with a pigtail to each terminal", "The circuit does not hang on the device."),
                new("through", "through the device", "Fewer joints; the device is listed for it."),
            ]
        );

    public static PracticeQuestion GfciOrder { get; } =
        new(
            "gfci.order",
            "Make-up of a protective receptacle",
            "load",
            PracticeUse.MakeUp,
            [
                new("load", "load side first", "What is left over can only be the feed."),
                new("line", "line side first", "As its sheet shows it."),
            ]
        );

    public static PracticeQuestion Order { get; } =
        new(
            "makeup.order",
            "Order of make-up",
            "gnh",
            PracticeUse.MakeUp,
            [
                new("gnh", "grounds, neutrals, hots", "Grounds lie deepest and are never in the way."),
                new("hng", "hots first", "The hardest joints while there is room."),
            ]
        );

    public static PracticeQuestion MetalGround { get; } =
        new(
            "ground.metal",
            "Ground in a metal box",
            "pigtail",
            PracticeUse.MakeUp,
            [
                new("pigtail", "a pigtail from the screw into the joint", "Can be taken apart one at a time."),
                new("long", "one long ground round the screw and on to the device", "One joint less."),
            ]
        );

    public static PracticeQuestion Tape { get; } =
        new(
            "device.tape",
            "Tape round device terminals",
            "metal",
            PracticeUse.Verdicts,
            [
                new("metal", "in metal or crowded boxes", "A loose bare ground cannot touch a screw."),
                new("never", "never", "Tape hides what is under it, and gums."),
            ]
        );

    /// <summary>Made when it is first asked for: the questions stand in several files.</summary>
    private static readonly Lazy<IReadOnlyList<PracticeQuestion>> Listed = new(List);

    public static IReadOnlyList<PracticeQuestion> Questions => Listed.Value;

    private static IReadOnlyList<PracticeQuestion> List() =>
        [
            LongLeads,
            Flap,
            MixedGauges,
            Splice,
            Fastener,
            Sheath,
            SheathOff,
            LeadLength,
            PigtailLength,
            NearLimit,
            AtDevice,
            GfciOrder,
            Order,
            MetalGround,
            Tape,
            Slack,
            Damaged,
            OldWork,
            Post,
            BareEnds,
            Reuse,
            PushIn,
            NotchMeans,
            PenMeans,
            TapeMeans,
            BendMeans,
        ];
}
