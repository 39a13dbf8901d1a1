using JollyBarn.Terms;

namespace JollyBarn.CodeBook;

/// <summary>What a mark on a cable means in this house. <em>Practice</em>: people agree on it, or do not.</summary>
public static partial class PracticeBook
{
    public const string MeansFeed = "feed";
    public const string MeansOn = "on";

    public static PracticeQuestion NotchMeans { get; } = Means("mark.notch", "A notch in a cable's sheath means");

    public static PracticeQuestion PenMeans { get; } = Means("mark.pen", "A pen mark on a cable means");

    public static PracticeQuestion TapeMeans { get; } = Means("mark.tape", "Tape round a cable means");

    public static PracticeQuestion BendMeans { get; } = Means("mark.bend", "A cable bent over means");

    /// <summary>The question what a mark means; null for none.</summary>
    public static PracticeQuestion? MeaningOf(CableMark mark) =>
        mark switch
        {
            CableMark.Notch => NotchMeans,
            CableMark.Pen => PenMeans,
            CableMark.Tape => TapeMeans,
            CableMark.Bend => BendMeans,
            _ => null,
        };

    private static PracticeQuestion Means(string key, string name) =>
        new(
            key,
            name,
            "nothing",
            PracticeUse.Survey,
            [
                new("nothing", "nothing agreed", "It is written down, and the wiring says what the cable does."),
                new(MeansFeed, "it feeds in", "Whoever roughed in marked the one that brings the power."),
                new(MeansOn, "it feeds on", "Whoever roughed in marked the one that goes further."),
            ]
        );
}
