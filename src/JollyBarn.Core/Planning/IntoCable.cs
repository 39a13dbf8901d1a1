using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Fill;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Measures;
using JollyBarn.Planning.Remedies;
using JollyBarn.Wiring;

namespace JollyBarn.Planning;

/// <summary>What a new box in a cable is to be.</summary>
/// <param name="Run">The cable.</param>
/// <param name="Box">Id of the new box.</param>
/// <param name="Further">Id of the run that goes on from it.</param>
/// <param name="Along">How far from end A, along the cable.</param>
public sealed record IntoCableAsk(Id<Run> Run, Id<Box> Box, Id<Run> Further, string Name, string? Place = null, Fact<Length>? Along = null);

/// <summary>One kind of box for it.</summary>
/// <param name="Edit">All of it, as one edit.</param>
/// <param name="Fill">What would be in the box.</param>
/// <param name="Bad">What would be wrong in it: stops, fixes and what could be better.</param>
public sealed record IntoCableWay(BoxKind Kind, Batch Edit, FillAnswer Fill, IReadOnlyList<Finding> Bad);

/// <summary>Puts a new box into a cable, where it is cut through or where one is wanted: the cable ends in it from either side, like on
/// like
/// in joints, and a metal box is bonded. Both far ends keep what they land on.</summary>
/// <remarks>NEC 300.15, 314.29: a splice has a box that stays within reach; 250.148: a metal one is bonded.</remarks>
public static class IntoCable
{
    /// <summary>Kinds to splice in: deep enough for hands, then what a wet place takes.</summary>
    internal static readonly string[] Suited =
    [
        "square-4x2-1/8",
        "square-4x1-1/2",
        "square-4-11/16x2-1/8",
        "nm-square-32",
        "round-4x2-1/8",
        "utility-4x2-1/8x2-1/8",
        "fd-1",
    ];

    /// <summary>Why there can be none, or null.</summary>
    public static Terms.Refusal? Check(Job job, IntoCableAsk ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        return Edit(job, ask, BoxKinds.Find(Suited[0])!).Check(job);
    }

    /// <summary>Every kind that suits, those with least wrong first.</summary>
    public static IReadOnlyList<IntoCableWay> Find(Job job, IntoCableAsk ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var ways = new List<IntoCableWay>();
        foreach (var kind in Suited.Select(BoxKinds.Find).OfType<BoxKind>())
        {
            var edit = Edit(job, ask, kind);
            if (edit.Check(job) is not null)
            {
                continue;
            }

            var after = edit.Apply(job);
            var box = after.Boxes[ask.Box];
            ways.Add(
                new(
                    kind,
                    edit,
                    BoxFill.Evaluate(FillOfBox.Read(box, after.Profile), after.Profile, after.Practice),
                    [.. Inspector.Judge(after, ask.Box, box).Where(f => f.Verdict is Verdict.Stop or Verdict.Fix or Verdict.Better)]
                )
            );
        }

        return [.. ways.OrderBy(w => w.Bad.Count(f => f.Verdict == Verdict.Stop)).ThenBy(w => w.Bad.Count(f => f.Verdict == Verdict.Fix))];
    }

    internal static Batch Edit(Job job, IntoCableAsk ask, BoxKind kind)
    {
        var edits = new List<Edit>
        {
            new AddBox(ask.Box, ask.Name, kind.Id, ask.Place, Contents: Contents.Complete),
            new SetClamps(ask.Box, Fact<ClampStyle>.Marked(kind.Clamps == ClampStyle.Flap ? ClampStyle.Flap : ClampStyle.Outside)),
            new SplitRun(ask.Box, ask.Run, ask.Further, "in", "on", Along: ask.Along),
        };
        if (PartKinds.All.FirstOrDefault(p => p.Role == PartRole.FlatCover && p.Fits == kind.Shape) is { } cover)
        {
            edits.Add(new AddPart(ask.Box, "cover", cover.Id));
        }

        if (new Batch(edits).Check(job) is null)
        {
            var opened = new Batch(edits).Apply(job);
            edits.AddRange(Joints(opened, ask, opened.Boxes[ask.Box]));
        }

        return new(edits, For: BatchFor.BoxIntoCable);
    }

    /// <summary>Each conductor joined to itself again, and a tail to a metal box from its ground.</summary>
    private static IEnumerable<Edit> Joints(Job job, IntoCableAsk ask, Box box)
    {
        var look = new BoxLook(job, ask.Box, box);
        foreach (var (id, lead) in box.Leads.Where(l => l.Value.Run == ask.Run).OrderBy(l => l.Value.Index))
        {
            var bonds = lead.IsGround && box.Material == BoxMaterial.Metal;
            var joint = $"joint-{lead.Index + 1}";
            yield return new JoinLeads(
                ask.Box,
                joint,
                Connectors.For([.. Enumerable.Repeat(lead.Gauge, bonds ? 3 : 2)], job.Practice),
                [id, RunLeads.Id(ask.Further, RunSide.A, lead.Index)]
            );
            if (bonds)
            {
                yield return new AddPigtail(
                    ask.Box,
                    "bond",
                    new(LandingAt.Joint, joint),
                    new(LandingAt.BondingScrew),
                    Colour: "bare",
                    Length: Tails.Planned(look)
                );
            }
        }
    }
}
