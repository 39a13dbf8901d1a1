using JollyBarn.Wiring;

namespace JollyBarn.Telling.Phrases;

/// <summary>What joints and pigtails of a box are called, the same in a sentence and beside a picture.</summary>
public static class InsideNames
{
    private static readonly string[] Ordinals = ["", "second", "third", "fourth", "fifth", "sixth"];

    /// <summary>A joint by the name somebody gave it, else by the colours in it: <c>hots</c>, <c>black and red</c>, <c>black, second</c>
    /// where two have the same.</summary>
    public static string Joint(Box box, Id<Joint> id)
    {
        if (box.Joints.Find(id)?.Name is { } name)
        {
            return name;
        }

        var colours = Colours(box, id);
        if (colours.Length == 0)
        {
            return "with nothing in it";
        }

        var alike = box.Joints.Where(j => j.Value.Name is null && Colours(box, j.Key) == colours).Select(j => j.Key).ToList();
        var nth = alike.IndexOf(id);
        return nth < 1 ? colours
            : nth < Ordinals.Length ? $"{colours}, {Ordinals[nth]}"
            : $"{colours}, {nth + 1}";
    }

    /// <summary>A piece of wire that lives in the box by its colour, and by where it goes while another has the same colour.</summary>
    public static string Pigtail(Box box, Id<Lead> id)
    {
        var tail = box.Pigtails[id];
        var alike = box
            .Pigtails.Where(t => t.Value.Of is null && t.Value.Colour == tail.Colour && t.Key != id)
            .Select(t => t.Value)
            .ToList();
        var name = $"{tail.Colour} pigtail";
        if (alike.Count == 0)
        {
            return name;
        }

        var to = $"{name}, {Goes(box, tail.To)}";
        return alike.Any(t => Goes(box, t.To) == Goes(box, tail.To)) ? $"{to}, from {Names.Of(box, tail.From)}" : to;
    }

    private static string Goes(Box box, Landing to) =>
        to.At switch
        {
            LandingAt.Cap => "capped",
            LandingAt.Loose => "loose",
            LandingAt.Unknown => "nobody knows where to",
            _ => $"to {Names.Of(box, to)}",
        };

    private static string Colours(Box box, Id<Joint> id)
    {
        var leads = box.Leads.Values.Where(l => l.Lands.IsIn(id)).Select(l => l.Colour);
        var tails = box.Pigtails.Values.Where(t => t.From.IsIn(id) || t.To.IsIn(id)).Select(t => t.Colour);
        return string.Join(" and ", leads.Concat(tails).Distinct());
    }
}
