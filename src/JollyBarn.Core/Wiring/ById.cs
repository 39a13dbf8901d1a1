using System.Collections;
using System.Diagnostics.CodeAnalysis;

namespace JollyBarn.Wiring;

/// <summary>Things kept under their ids, in the order of their ids, so that two equal jobs are written the same way.</summary>
/// <remarks>Sorted arrays that never change: they are read a thousand times for each time one thing in them changes.</remarks>
public sealed class ById<T> : IReadOnlyCollection<KeyValuePair<string, T>>
    where T : class
{
    public static readonly ById<T> Empty = new([]);

    private readonly KeyValuePair<string, T>[] items;
    private string[]? ids;
    private T[]? values;

    private ById(KeyValuePair<string, T>[] items) => this.items = items;

    public int Count => items.Length;

    public IReadOnlyCollection<string> Ids => ids ??= Array.ConvertAll(items, i => i.Key);

    public IReadOnlyCollection<T> Values => values ??= Array.ConvertAll(items, i => i.Value);

    public T this[string id] => Find(id) ?? throw new KeyNotFoundException($"There is nothing with the id {id}.");

    /// <summary>The pairs by their ids; of two with the same id the later stays.</summary>
    public static ById<T> From(IEnumerable<KeyValuePair<string, T>> pairs)
    {
        var sorted = new SortedDictionary<string, T>(StringComparer.Ordinal);
        foreach (var (id, item) in pairs)
        {
            sorted[id] = item;
        }

        return sorted.Count == 0 ? Empty : new([.. sorted]);
    }

    public T? Find(string? id) => id is not null && Place(id) is >= 0 and var at ? items[at].Value : null;

    public bool Has(string? id) => id is not null && Place(id) >= 0;

    public bool TryFind(string? id, [NotNullWhen(true)] out T? item)
    {
        item = Find(id);
        return item is not null;
    }

    public ById<T> With(string id, T item)
    {
        var at = Place(id);
        if (at >= 0)
        {
            if (ReferenceEquals(items[at].Value, item))
            {
                return this;
            }

            var changed = (KeyValuePair<string, T>[])items.Clone();
            changed[at] = new(id, item);
            return new(changed);
        }

        return new([.. items.AsSpan(0, ~at), new(id, item), .. items.AsSpan(~at)]);
    }

    public ById<T> Without(string id) => Place(id) is >= 0 and var at ? new([.. items.AsSpan(0, at), .. items.AsSpan(at + 1)]) : this;

    /// <summary>Every item passed through a change; items that come back the same leave the collection as it is.</summary>
    public ById<T> Each(Func<string, T, T?> change)
    {
        List<KeyValuePair<string, T>>? next = null;
        for (var i = 0; i < items.Length; i++)
        {
            var (id, item) = items[i];
            var changed = change(id, item);
            if (next is null && !ReferenceEquals(changed, item))
            {
                next = new(items.Length);
                next.AddRange(items.AsSpan(0, i));
            }

            if (next is not null && changed is not null)
            {
                next.Add(new(id, changed));
            }
        }

        return next is null ? this : new([.. next]);
    }

    public IEnumerator<KeyValuePair<string, T>> GetEnumerator() => ((IEnumerable<KeyValuePair<string, T>>)items).GetEnumerator();

    IEnumerator IEnumerable.GetEnumerator() => GetEnumerator();

    /// <summary>Index of the id, or the complement of where it would go.</summary>
    private int Place(string id)
    {
        var (low, high) = (0, items.Length - 1);
        while (low <= high)
        {
            var middle = (low + high) / 2;
            var order = string.CompareOrdinal(items[middle].Key, id);
            if (order == 0)
            {
                return middle;
            }

            (low, high) = order < 0 ? (middle + 1, high) : (low, middle - 1);
        }

        return ~low;
    }
}
