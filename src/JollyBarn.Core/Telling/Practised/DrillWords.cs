using System.Globalization;
using JollyBarn.CodeBook;
using JollyBarn.Fill;
using JollyBarn.Practice;
using JollyBarn.Telling.Phrases;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Practised;

/// <summary>The words of drills of fill.</summary>
public static class DrillWords
{
    private static readonly Dictionary<Misstep, string> Missteps = new()
    {
        [Misstep.PigtailsCounted] = "A pigtail that begins and ends in the box counts nothing.",
        [Misstep.PassedTwice] = "A conductor that passes through unbroken counts once.",
        [Misstep.LoopOnce] = "An unbroken loop long enough to be cut and used, 12 in, counts twice.",
        [Misstep.ShortLoopTwice] = "A loop under 12 in counts once, as what passes through.",
        [Misstep.GroundsAsConductors] = "Grounds are not counted here: they have a line of their own.",
        [Misstep.CablesCounted] = "Conductors are counted, not cables.",
        [Misstep.CableMissed] = "A cable is missing.",
        [Misstep.ConductorsByOtherGauge] = "Each conductor takes the allowance of its own gauge.",
        [Misstep.Rounded] = "Allowances are not rounded: 2.25 stays 2.25.",
        [Misstep.CanopyCounted] = "Up to four fixture wires thinner than 14 AWG from a canopy may be left out.",
        [Misstep.CanopyForgotten] = "14 AWG and thicker count, and of the thinner ones only four are left out.",
        [Misstep.ClampEach] = "Clamps inside count one in all, however many there are.",
        [Misstep.ClampForgotten] = "Clamps inside the box count one allowance.",
        [Misstep.ClampOutsideCounted] = "Connectors whose clamp is outside the box count nothing.",
        [Misstep.ClampByThin] = "Clamps take the allowance of the thickest conductor in the box.",
        [Misstep.FittingForgotten] = "A stud and a hickey count one each.",
        [Misstep.FittingByThin] = "A stud or hickey takes the allowance of the thickest conductor in the box.",
        [Misstep.DeviceOnce] = "A device counts two.",
        [Misstep.DeviceForgotten] = "The device is missing.",
        [Misstep.DeviceByThin] = "A device takes the allowance of the thickest conductor on it.",
        [Misstep.DeviceByThick] = "A device goes by what lands on it, not by the thickest in the box.",
        [Misstep.GangsOnce] = "A device wider than one gang counts two for each gang it needs.",
        [Misstep.GroundsEach] = "Grounds do not count one each: up to four count one together.",
        [Misstep.GroundsForgotten] = "Grounds count too.",
        [Misstep.GroundsOfOtherEdition] = "Before 2020 all grounds count one; since then each beyond four counts a quarter more.",
        [Misstep.GroundsByThin] = "Grounds take the allowance of the thickest of them.",
        [Misstep.GroundsQuartered] = "Only grounds beyond the fourth count a quarter; the first four count one.",
        [Misstep.SumWrong] = "The lines are right; add them again.",
        [Misstep.TableForMark] = "The mark in the box holds, not the table.",
        [Misstep.RingForgotten] = "A ring that is marked adds its volume.",
        [Misstep.FullForOver] = "Needed and available are the same: it fits, and nothing more does.",
        [Misstep.OverForFits] = "Compare what is needed with what is there.",
    };

    public static string Of(Misstep misstep) => Missteps[misstep];

    /// <summary>What is in the box, and what it is.</summary>
    public static IEnumerable<string> Inside(FillDrill drill)
    {
        ArgumentNullException.ThrowIfNull(drill);
        var box = drill.Box;
        foreach (var cable in box.Cables)
        {
            yield return Cable(cable);
        }

        if (drill.Pigtails > 0)
        {
            yield return $"{Counted.Of(drill.Pigtails, "pigtail")} made in the box, {Thickest(drill)} AWG";
        }

        foreach (var device in box.Devices)
        {
            yield return $"{Device(device)}, {device.Gauge} AWG on it";
        }

        foreach (var (has, says) in new[] { (box.Studs, "Luminaire stud"), (box.Hickeys, "Hickey") })
        {
            if (has > 0)
            {
                yield return says;
            }
        }

        foreach (var canopy in box.Canopy)
        {
            yield return $"{Counted.Of(canopy.Count, "fixture wire")} of {canopy.Gauge} AWG from a canopy";
        }

        yield return box.Clamps == ClampStyle.Internal ? "Clamps inside the box" : "Connectors clamped outside the box";
    }

    /// <summary>What is in it and what room it says it has, a line each.</summary>
    public static IEnumerable<string> Whole(FillDrill drill)
    {
        ArgumentNullException.ThrowIfNull(drill);
        var box = drill.Box;
        foreach (var says in Inside(drill))
        {
            yield return says;
        }

        yield return $"Box marked {box.Mark}"
            + (drill.TableVolume is { } table ? FormattableString.Invariant($"; the table says {table:0.0##} in³ for its size") : "");
        foreach (var part in box.Parts)
        {
            yield return part.Mark is { CubicInches: > 0 } mark ? $"Ring marked {mark}" : "Ring without a mark";
        }
    }

    public static string Name(FillDrill drill, FillRow row)
    {
        ArgumentNullException.ThrowIfNull(drill);
        return row.Kind switch
        {
            FillKind.Conductors => $"Conductors, {row.Gauge} AWG",
            FillKind.Device => Device(drill.Box.Devices[row.Device]),
            _ => Line.Start(FillWords.Of(default, row.Kind)),
        };
    }

    /// <summary>The rule of a line, 314.16(B).</summary>
    public static string Rule(FillDrill drill, FillKind kind)
    {
        ArgumentNullException.ThrowIfNull(drill);
        return kind switch
        {
            FillKind.Conductors => "Each that ends, is joined or passes through counts once, by its own gauge; 314.16(B)(1).",
            FillKind.Canopy => "Up to four thinner than 14 AWG, and a ground, may be left out; 314.16(B)(1).",
            FillKind.Clamps => "One in all, by the thickest conductor in the box; none for connectors outside; 314.16(B)(2).",
            FillKind.Stud or FillKind.Hickey => "One each, by the thickest conductor in the box; 314.16(B)(3).",
            FillKind.Device => "Two for each gang it needs, by the thickest conductor on it; 314.16(B)(4).",
            _ when drill.Limits.Has("fill.ground.first") =>
                "Up to four count one, each further a quarter, by the thickest of them; 314.16(B)(5).",
            _ => "All of them count one, by the thickest of them; 314.16(B)(5), 2017.",
        };
    }

    public static string Marked(FillDrill drill, FillMarked marked)
    {
        ArgumentNullException.ThrowIfNull(drill);
        ArgumentNullException.ThrowIfNull(marked);
        return marked.Wrong switch
        {
            null => "All of it is right.",
            FillStep.Line => $"{Name(drill, marked.Row!.Value)}: {Said(drill.Right(marked.Row.Value))}.",
            FillStep.Sum => $"Together it is {In(drill.Needed)}.",
            FillStep.Available => $"There is {In(drill.Available)}.",
            _ => Verdict(drill),
        };
    }

    /// <summary>What is asked of a box that is counted.</summary>
    public static string Asks => "Count it line by line. How much is needed, how much is there, does it fit?";

    /// <summary>Each line as it is counted.</summary>
    public static IEnumerable<string> Sum(FillDrill drill)
    {
        ArgumentNullException.ThrowIfNull(drill);
        return drill.Rows.Select(r => $"{Name(drill, r)}: {Said(drill.Right(r))}");
    }

    public static string Verdict(FillDrill drill)
    {
        ArgumentNullException.ThrowIfNull(drill);
        return $"{In(drill.Needed)} needed, {In(drill.Available)} there: "
            + drill.Answer.Fit switch
            {
                Fit.Over => "over.",
                Fit.ExactlyFull => "exactly full, and it fits.",
                _ => "it fits.",
            };
    }

    private static string Said(LineCount right) =>
        right.Count == 0
            ? "nothing to count"
            : FormattableString.Invariant($"{right.Count:0.##} × {right.Each:0.00} = {right.Volume:0.00##} in³");

    private static string In(decimal volume) => string.Create(CultureInfo.InvariantCulture, $"{volume:0.00##} in³");

    private static int Thickest(FillDrill drill) => drill.Gauges[^1];

    private static string Device(PlainDevice device) =>
        device.Gangs > 1 ? "A device two gangs wide" : Line.Start(Names.DeviceKind(device.Kind!));

    private static string Cable(PlainCable cable)
    {
        var of = $"{cable.Gauge}-{cable.Conductors} with ground";
        return cable.Form switch
        {
            LeadForm.PassingThrough => $"{of} that passes through unbroken",
            LeadForm.Loop => $"{of} as an unbroken loop, {cable.Length}",
            _ => $"{Counted.Of(cable.Count, "cable")} {of}",
        };
    }
}
