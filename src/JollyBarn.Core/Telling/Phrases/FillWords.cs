using JollyBarn.CodeBook;
using JollyBarn.Fill;

namespace JollyBarn.Telling.Phrases;

/// <summary>The words of the fill sum.</summary>
public static class FillWords
{
    private static readonly Dictionary<string, string> Additions = new(StringComparer.Ordinal)
    {
        ["cable-14-2"] = "a 14-2",
        ["cable-14-3"] = "a 14-3",
        ["cable-12-2"] = "a 12-2",
        ["cable-12-3"] = "a 12-3",
        ["cable-10-2"] = "a 10-2",
        ["device"] = "a receptacle or switch",
        ["lead"] = "one more lead",
    };

    /// <summary>What a line counts, by the name somebody gave it where there is one.</summary>
    public static string Of(Called called, FillKind kind) =>
        kind switch
        {
            FillKind.Conductors => "conductors",
            FillKind.Canopy => "fixture wires",
            FillKind.CanopyLeftOut => "fixture wires left out",
            FillKind.Clamps => "clamps inside",
            FillKind.Flap => "flap",
            FillKind.Stud => "luminaire stud",
            FillKind.Hickey => "hickey",
            FillKind.Grounds => "grounds",
            FillKind.IsolatedGrounds => "isolated grounds",
            FillKind.Block => called.Name ?? "terminal block",
            _ => called.Name ?? (called.Kind is { } device ? Names.DeviceKind(device) : "device"),
        };

    public static string Of(FillRemark remark) =>
        remark.Case switch
        {
            RemarkCase.GaugeUnknown => "gauge not known, between 14 and 10",
            RemarkCase.LoopsTwice => $"{remark.Count} unbroken loop{(remark.Count == 1 ? "" : "s")} of 12 in or more count twice",
            RemarkCase.OnlyFourLeftOut => "only four may be left out",
            RemarkCase.FourteenCounts => "14 AWG and larger count",
            RemarkCase.LeftOut => $"{remark.Count} thinner than 14 AWG from a canopy",
            RemarkCase.LeftOutWithGround => $"{remark.Count} thinner than 14 AWG and the ground from a canopy",
            RemarkCase.NobodyLooked => "nobody looked whether there are any",
            RemarkCase.GaugeOnIt => "the gauge of what lands on it is not known",
            RemarkCase.NothingLands => "nothing is known to land on it yet",
            RemarkCase.GangsWide => $"{remark.Count} gangs wide",
            RemarkCase.GroundsByParts => FormattableString.Invariant(
                $"{remark.Count} grounds: four count {remark.First:0.##}, each further {remark.Further:0.##}"
            ),
            RemarkCase.GroundsTogether => $"{remark.Count} ground{(remark.Count == 1 ? "" : "s")} together",
            _ => "a set of their own",
        };

    /// <summary>What a part of the housing is.</summary>
    public static string Of(HousingPart part) =>
        part.Of switch
        {
            HousingOf.Box => BoxKinds.Find(part.Kind)?.Name ?? "box",
            HousingOf.Part => PartKinds.Find(part.Kind)?.Name ?? part.Kind ?? "part",
            _ => "partition",
        };

    /// <summary>Where its volume comes from.</summary>
    public static string From(HousingPart part) =>
        part.From switch
        {
            HousingFrom.Mark => "its mark",
            HousingFrom.Entered => "as entered",
            HousingFrom.Table => "Table 314.16(A)",
            HousingFrom.PartOfTable => "made from a size of Table 314.16(A)",
            HousingFrom.MarkUnread => "nobody read its mark; without one it adds nothing",
            HousingFrom.NoMark => "no mark, adds nothing",
            HousingFrom.UnmarkedMetal => "unmarked, metal",
            HousingFrom.UnmarkedNonmetallic => "unmarked, nonmetallic",
            HousingFrom.MeasuredInside => part.Inside is var (height, width, depth)
                ? $"{height} × {width} × {depth}, measured inside"
                : "measured inside",
            _ => "no mark read, not measured",
        };

    /// <summary>What is not known.</summary>
    public static string What(FillAsk ask) =>
        ask.Case switch
        {
            FillAskCase.NotOpened => "what is in the box",
            FillAskCase.VolumeOf => ask.Of is { Of: not HousingOf.Box } part ? $"volume of the {Of(part)}" : "volume of the box",
            FillAskCase.RestOfIt => "the rest of what is in the box",
            FillAskCase.Gauges => "gauge of some conductors",
            FillAskCase.Clamps => "whether there are clamps inside",
            _ => "length of the unbroken loop",
        };

    /// <summary>How one gets it.</summary>
    public static string How(FillAsk ask) =>
        ask.Case switch
        {
            FillAskCase.NotOpened => "Nobody has opened it yet. Prove it dead, take the device off, record what is there.",
            FillAskCase.VolumeOf => "Read the mark inside, or measure height, width and depth inside.",
            FillAskCase.RestOfIt => "Only part of it is recorded. Record the other cables, or say that this is all.",
            FillAskCase.Gauges => "Compare with a known offcut, or read the sheath.",
            FillAskCase.Clamps => "Look at how the cables are held where they come in.",
            _ => "Lay a tape along the whole loop: 12 in or more counts twice.",
        };

    /// <summary>A house practice, by its choice.</summary>
    public static string Of(PracticeEffect effect)
    {
        var choices = PracticeBook.Questions.FirstOrDefault(q => q.Key == effect.Key)?.Choices;
        return $"counting {choices?.FirstOrDefault(c => c.Value == effect.Choice)?.Name ?? effect.Choice} twice";
    }

    public static string Of(PrintedCheck check) =>
        check.Printed == check.Computed ? "The printed count agrees with the volume."
        : check.Printed > check.Computed ? "More is printed than the volume gives; go by the volume."
        : "Less is printed than the volume gives: the count printed may leave out a clamp or a device.";

    public static string Of(Addition addition) => Additions[addition.Id];
}
