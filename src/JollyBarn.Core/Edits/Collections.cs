using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Serialization.Metadata;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>The collections of a job under their names in the open format. A new collection is one line in <see cref="All"/>.</summary>
internal abstract class Collections
{
    public static IReadOnlyList<Collections> All { get; } =
    [
        new Of<string, Place>("places", j => j.Places, (j, x) => j with { Places = x }, JobJson.Default.Place),
        new Of<string, Wall>("walls", j => j.Walls, (j, x) => j with { Walls = x }, JobJson.Default.Wall),
        new Of<string, Source>("sources", j => j.Sources, (j, x) => j with { Sources = x }, JobJson.Default.Source),
        new Of<string, Panel>("panels", j => j.Panels, (j, x) => j with { Panels = x }, JobJson.Default.Panel),
        new Of<Id<Circuit>, Circuit>("circuits", j => j.Circuits, (j, x) => j with { Circuits = x }, JobJson.Default.Circuit),
        new Of<Id<Run>, Run>("runs", j => j.Runs, (j, x) => j with { Runs = x }, JobJson.Default.Run),
        new Of<Id<Box>, Box>("boxes", j => j.Boxes, (j, x) => j with { Boxes = x }, JobJson.Default.Box),
        new Of<string, Change>("changes", j => j.Changes, (j, x) => j with { Changes = x }, JobJson.Default.Change),
        new Of<string, Reading>("readings", j => j.Readings, (j, x) => j with { Readings = x }, JobJson.Default.Reading),
        new Of<string, Sighting>("sightings", j => j.Sightings, (j, x) => j with { Sightings = x }, JobJson.Default.Sighting),
        new Of<string, Complaint>("complaints", j => j.Complaints, (j, x) => j with { Complaints = x }, JobJson.Default.Complaint),
        new Of<string, Tested>("tested", j => j.Tested, (j, x) => j with { Tested = x }, JobJson.Default.Tested),
        new Of<string, Timed>("timed", j => j.Timed, (j, x) => j with { Timed = x }, JobJson.Default.Timed),
        new Of<string, Pattern>("patterns", j => j.Patterns, (j, x) => j with { Patterns = x }, JobJson.Default.Pattern),
        new Of<string, Interim>("interims", j => j.Interims, (j, x) => j with { Interims = x }, JobJson.Default.Interim),
        new Of<string, StockLine>("stock", j => j.Stock, (j, x) => j with { Stock = x }, JobJson.Default.StockLine),
        new Of<string, Appliance>("appliances", j => j.Appliances, (j, x) => j with { Appliances = x }, JobJson.Default.Appliance),
        new Of<string, Proof>("proofs", j => j.Proofs, (j, x) => j with { Proofs = x }, JobJson.Default.Proof),
        new Of<string, Ruling>("rulings", j => j.Rulings, (j, x) => j with { Rulings = x }, JobJson.Default.Ruling),
        new Of<string, Report>("reports", j => j.Reports, (j, x) => j with { Reports = x }, JobJson.Default.Report),
        new Of<string, Photo>("photos", j => j.Photos, (j, x) => j with { Photos = x }, JobJson.Default.Photo),
    ];

    public abstract string Name { get; }

    public static Collections? Find(string name) => All.FirstOrDefault(c => c.Name == name);

    public abstract void Compare(List<Cell> cells, Job before, Job after);

    /// <summary>Sets a thing, a property of it, or a nested thing or its property.</summary>
    public abstract Job Put(Job job, string id, string[] inside, JsonElement? value);

    /// <summary>A thing as it is written, or null when there is none of this id.</summary>
    public abstract JsonNode? At(Job job, string id);

    private sealed class Of<TId, T>(string name, Func<Job, ById<TId, T>> get, Func<Job, ById<TId, T>, Job> set, JsonTypeInfo<T> info)
        : Collections
        where TId : IParsable<TId>, IComparable<TId>
        where T : class
    {
        public override string Name => name;

        public override void Compare(List<Cell> cells, Job before, Job after)
        {
            var (was, now) = (get(before), get(after));
            if (ReferenceEquals(was, now))
            {
                return;
            }

            foreach (var id in was.Ids.Union(now.Ids))
            {
                var (one, other) = (was.Find(id), now.Find(id));
                if (ReferenceEquals(one, other))
                {
                    continue;
                }

                if (one is not null && other is not null)
                {
                    Cells.Compare(cells, $"{name}/{id}", Cells.Node(one, info).AsObject(), Cells.Node(other, info).AsObject(), true);
                }
                else
                {
                    Cells.Leaf(
                        cells,
                        $"{name}/{id}",
                        one is null ? null : Cells.Node(one, info),
                        other is null ? null : Cells.Node(other, info)
                    );
                }
            }
        }

        public override JsonNode? At(Job job, string id) =>
            get(job).TryFind(TId.Parse(id, null), out var item) ? Cells.Node(item, info) : null;

        public override Job Put(Job job, string id, string[] inside, JsonElement? value)
        {
            var items = get(job);
            var key = TId.Parse(id, null);
            if (inside.Length == 0)
            {
                return set(job, value is { } whole ? items.With(key, Read(whole)) : items.Without(key));
            }

            if (!items.TryFind(key, out var item))
            {
                return job;
            }

            var node = Cells.Node(item, info).AsObject();
            var at = node;
            foreach (var step in inside[..^1])
            {
                if (at[step] is not JsonObject next)
                {
                    return job;
                }

                at = next;
            }

            at.Remove(inside[^1]);
            if (value is not null)
            {
                at[inside[^1]] = Cells.Node(value);
            }

            return set(job, items.With(key, node.Deserialize(info) ?? throw new JsonException($"{name}/{id} came out empty.")));
        }

        private T Read(JsonElement whole) => whole.Deserialize(info) ?? throw new JsonException($"{name} cannot hold nothing.");
    }
}
