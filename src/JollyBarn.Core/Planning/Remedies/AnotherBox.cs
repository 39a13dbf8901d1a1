using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Fill;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Remedies;

/// <summary>An over-full or shallow box: other clamps, a ring, an extension or another box.</summary>
public sealed class AnotherBox : IRemedies
{
    public enum Case
    {
        Instead,
    }

    private const int Most = 4;

    public IReadOnlyList<string> Rules { get; } = ["fill", "depth"];

    public IEnumerable<Remedy> For(RemedyAsk ask) =>
        Instead
            .Find(InsteadQuestion.Ask(ask.Box, ask.Look.Input, ask.Look.Right), ask.Job.Profile, ask.Job.Practice)
            .Options.Take(Most)
            .Select(option => Remedy.Of(Case.Instead, Edit(ask.BoxId, ask.Box, option), ("option", option), ("left", option.Left)));

    /// <summary>The edits that turn the box into what was found to do instead. Ids of new parts are made from the id of the kind.</summary>
    public static Edit Edit(Id<Box> id, Box box, InsteadOption option)
    {
        var edits = new List<Edit>();
        var rings = box.Parts.Where(p => p.Value.Role is PartRole.Ring or PartRole.RaisedCover).Select(p => p.Key).ToList();
        void Add(string kind)
        {
            var n = 1;
            while (box.Parts.Has($"part-{n}") || edits.OfType<AddPart>().Any(e => e.Id == $"part-{n}"))
            {
                n++;
            }

            edits.Add(new AddPart(id, $"part-{n}", kind, PartMarks.Bought(PartKinds.Find(kind))));
        }

        if (!option.Keeps && option.Box is not null)
        {
            var change = new SetBoxKind(id, option.Box);
            var off = box.Parts.Ids.Select(p => new RemovePart(id, p)).ToList();
            if (option.Ring is not null)
            {
                Add(option.Ring);
                edits.Add(change);
                edits.AddRange(off);
            }
            else if (box.Devices.Count > 0)
            {
                edits.Add(change);
                edits.AddRange(off);
            }
            else
            {
                edits.AddRange(off);
                edits.Add(change);
            }
        }
        else if (option.Ring is not null && !rings.Exists(r => box.Parts[r].Kind == option.Ring))
        {
            Add(option.Ring);
            edits.AddRange(rings.Select(r => new RemovePart(id, r)));
        }

        if (option.Extension is not null)
        {
            Add(option.Extension);
        }

        if (!option.Keeps || box.Clamps.OrNull != option.Clamps)
        {
            edits.Add(new SetClamps(id, Fact<ClampStyle>.Marked(option.Clamps)));
        }

        return new Batch(edits, For: BatchFor.AnotherBox);
    }
}
