namespace JollyBarn.CodeBook;

/// <content>Cables and boxes where they run and stand, and parts used again.</content>
public static partial class PracticeBook
{
    public static PracticeQuestion Slack { get; } =
        new(
            "cable.loop",
            "Slack loop outside the box",
            "no",
            PracticeUse.Verdicts,
            [new("no", "no", "18 in to the first support is soon gone."), new("yes", "yes", "A second try without a new cable.")]
        );

    public static PracticeQuestion Damaged { get; } =
        new(
            "repair.way",
            "A damaged run",
            "ranked",
            PracticeUse.Remedies,
            [
                new("ranked", "all ways shown, ranked", "What can be reached decides."),
                new("new", "new run from the panel", "No new joint."),
                new("box", "one box that stays accessible", "Least wall opened."),
                new("two", "two boxes and a piece", "Where the slack does not reach."),
                new("splice", "a listed splice, where allowed", "No box at all."),
            ]
        );

    public static PracticeQuestion OldWork { get; } =
        new(
            "box.oldwork",
            "An old-work box holds",
            "stud",
            PracticeUse.Remedies,
            [
                new("stud", "screwed to a stud when there is one", "It does not work loose."),
                new("ears", "by its ears", "The hole can be where it is wanted."),
            ]
        );

    public static PracticeQuestion Post { get; } =
        new(
            "post.base",
            "A post outdoors stands in",
            "gravel",
            PracticeUse.Ways,
            [
                new("gravel", "gravel", "It drains, and can be set straight again."),
                new("concrete", "concrete below frost", "It does not lean."),
            ]
        );

    public static PracticeQuestion BareEnds { get; } =
        new(
            "ends.trim",
            "Bare ends until trim",
            "capped",
            PracticeUse.MakeUp,
            [new("capped", "capped", "Somebody may switch it on."), new("left", "left", "The breaker is tagged.")]
        );

    public static PracticeQuestion Reuse { get; } =
        new(
            "parts.reuse",
            "Used twist-ons",
            "never",
            PracticeUse.Verdicts,
            [new("never", "never used again", "The spring has taken its set."), new("sound", "when sound", "Most makers allow it.")]
        );

    public static PracticeQuestion PushIn { get; } =
        new(
            "device.pushin",
            "Push-in holes of devices",
            "warn",
            PracticeUse.Verdicts,
            [
                new("warn", "warn", "They fail early: a spring holds what a screw would clamp."),
                new("allow", "allowed", "Listed for 14 AWG solid copper."),
            ]
        );
}
