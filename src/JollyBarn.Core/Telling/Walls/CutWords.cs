using JollyBarn.Measures;
using JollyBarn.Telling.Phrases;
using JollyBarn.Walls;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Walls;

/// <summary>Words of a cut: what it meets, what hides it, what is done before the saw.</summary>
internal sealed class CutWords(Job job, Wall wall)
{
    private readonly Names names = new(job);

    public string Says(CutNote note)
    {
        var thing = note.Thing is { } id ? TapeWords.Name(wall, id) : null;
        var box = note.Box is { } b ? job.Boxes.Find(b)?.Name : null;
        var way = TapeWords.Told(TapeWords.Abs(note.Way ?? Length.Zero));
        var meets = note.Way is { } lap && lap < Length.Zero;
        var seen = note.Weight == CutWeight.Stop;
        return note.Case switch
        {
            CutCase.Stud => seen
                ? $"The {thing} stands in the hole by {way}."
                : $"The {thing} may stand in the hole: nobody saw it. Find it.",
            CutCase.GuessedStud =>
                $"By the spacing a {TapeWords.Name(WallThingKind.Stud, wall.Kind)} stands here. Nobody found it: find it.",
            CutCase.Framing => seen ? $"{Cap(thing)} in the hole." : $"{Cap(thing)} may be in the hole. Find it.",
            CutCase.Opening => seen ? $"The hole lies in the {thing}." : $"The hole may lie in the {thing}: measure where it is.",
            CutCase.Pipe or CutCase.Duct => Near($"the {thing}"),
            CutCase.Cable => Near(Run(note, thing)),
            CutCase.InferredCable => $"{Cap(names.Run(note.Run!.Value))} is inferred "
                + (meets ? "here" : $"{way} from here")
                + ": nobody saw it. Prove it dead, or keep away.",
            CutCase.Box => $"It would cut into {box}.",
            CutCase.BoxBehind => $"{box} is behind it on the other face, and the wall is too thin for both: move it {way} aside.",
            CutCase.BoxBehindAsk =>
                $"{box} is behind it on the other face. Whether both fit waits for both depths and the thickness of the wall.",
            CutCase.TooDeep => $"The box is {way} deeper than the wall is hollow.",
            CutCase.Ears => $"The ears have {way} to the {thing}: they do not turn.",
            CutCase.SizeAsk => "How large the box is nobody measured: the hole is drawn as such boxes usually are. Measure it.",
            CutCase.DepthAsk => "Whether the wall is deep enough waits for the box's depth, the layers and the studs.",
            CutCase.Behind => $"{way} is left behind the box for its cables.",
            CutCase.Plates => $"Its plate would lie {way} over the plate of {box}.",
            CutCase.Lost => $"{Cap(thing ?? box)} is recorded in this wall, and nobody measured where.",
            CutCase.OpenFace => $"{Face(note.Face!.Value)}: no board is on yet. Look before you cut.",
            CutCase.Plate => $"The plate would lie {way} over the {thing}.",
            CutCase.PlateShows => "No plate hides this hole.",
            CutCase.LargerPlate => "The standard plate does not hide it; a larger one does.",
            CutCase.ByStud => $"{way} from the {thing}: screw the box to it.",
            CutCase.Clear => thing is not null ? $"{way} to the {thing}." : $"{box} is behind it; {way} is left between the two.",
            CutCase.Looked => $"{Face(note.Face!.Value)}: somebody looked into it.",
            _ => $"{Face(note.Face!.Value)}: nobody looked into it. Drill a feeler hole in the middle of the mark first.",
        };

        string Near(string what) =>
            (seen, meets) switch
            {
                (true, true) => $"The hole goes through {what}.",
                (true, false) => $"{Cap(what)} is {way} from the hole.",
                (false, true) => $"The hole may go through {what}: where that is, is a guess.",
                _ => $"{Cap(what)} may be {way} from the hole: where it is, is a guess.",
            };
    }

    /// <summary>What to do before the saw, for this cut: dead first, then looking, then how it is cut.</summary>
    public IEnumerable<string> Before(CutLook cut, IReadOnlyList<LiveInReach> reach)
    {
        foreach (var live in reach)
        {
            var fed = live.Breakers is [_, ..]
                ? string.Join(" and ", live.Breakers.Select(b => Names.Breaker(b)))
                : "a breaker that is not known";
            var cable = Cap(live.Run is { } run ? names.Run(run) : TapeWords.Name(wall, live.Thing));
            yield return live.ProvedAt is { } at
                ? $"{cable}, {fed}: proved dead at {job.Boxes[at].Name}. Keep it held."
                : $"{cable}, {fed}: switch it off, hold it, and prove it dead.";
        }

        if (reach.Count == 0)
        {
            yield return "No cable is recorded near. That does not mean there is none: work as if it were live.";
        }

        yield return cut.DepthStop is { } stop
            ? $"Feeler hole in the middle, depth stop at {stop}; turn a bent wire in it."
            : "Feeler hole in the middle with a depth stop: how thick the layers are is not recorded, so measure in the first one.";
        foreach (var side in Enum.GetValues<WallSide>())
        {
            var layers = side == WallSide.Near ? wall.Layers : wall.BehindLayers;
            if (layers.Count == 0)
            {
                yield return $"{Face(side)}: what it is made of is not recorded.";
            }

            foreach (var layer in layers)
            {
                yield return $"{Face(side)}, {layer.What}: {Cuts(layer.Kind)}";
            }
        }

        yield return "Old paint may hold lead, old plaster, tile and board asbestos: have it tested where the house is old.";
        if (wall.FireRating is > 0)
        {
            yield return "Fire-rated: boxes on opposite faces 24 in apart or protected by listed means, and the gap round the box closed.";
        }

        if (Outdoors(wall.Place) || Outdoors(wall.Behind))
        {
            yield return "Outdoors, call before you dig.";
        }
    }

    /// <summary>A face, by the place it is seen from.</summary>
    public string Face(WallSide side) =>
        job.Places.Find(side == WallSide.Near ? wall.Place : wall.Behind)?.Name is { } place ? $"From the {place.ToLowerInvariant()}"
        : side == WallSide.Near ? "From this face"
        : "From behind";

    public static string Plate(PlateOver plate) =>
        plate.Covers
            ? $"{ToldHole.Name(plate.Size)}: covers {plate.Aside} left and right, {plate.Above} above and below."
            : $"{ToldHole.Name(plate.Size)}: does not hide it.";

    public static string Wider(WiderTo wider, WallSide side) =>
        $"One gang more to the {(wider.Right == (side == WallSide.Near) ? "right" : "left")}: {wider.By} wider, "
        + (
            wider.Free
                ? "nothing that is recorded or inferred stands there. Look first; cut before the old box comes out."
                : "something stands there, or may."
        );

    private static string Cuts(LayerKind kind) =>
        kind switch
        {
            LayerKind.Board => "jab saw, by hand.",
            LayerKind.Plaster => "score it, oscillating tool at a slow stroke; lath by lath, so that the keys hold.",
            LayerKind.Wood => "holes in the corners, then a jigsaw with a short blade.",
            LayerKind.Sheathing => "hole saw or oscillating tool, as deep as the sheathing alone.",
            LayerKind.Stucco => "diamond blade for the stucco, snips for the wire; eye and lung protection.",
            LayerKind.Brick => "carbide bit along the line, chisel between; no saw.",
            LayerKind.Tile => "diamond hole saw or wheel, wet, slow.",
            LayerKind.Panel => "knife or fine blade: thin walls tear, and what is behind is near.",
            _ => "find out what it is before you choose the blade.",
        };

    private string Run(CutNote note, string? thing) => note.Run is { } run ? names.Run(run) : $"the {thing}";

    private bool Outdoors(string? place) =>
        job.Places.Find(place)?.Use is { } use && Terms.Choice.Parse<Terms.RoomUse>(use) == Terms.RoomUse.Outdoors;

    private static string Cap(string? text) => string.IsNullOrEmpty(text) ? "" : char.ToUpperInvariant(text[0]) + text[1..];
}
