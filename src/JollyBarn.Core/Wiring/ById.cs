using System.Collections;
using System.Diagnostics.CodeAnalysis;

namespace JollyBarn.Wiring;

/// <summary>Things kept under their ids, in the order of their ids, so that two equal jobs are written the same way.</summary>
/// <remarks>Sorted arrays that never change: they are read a thousand times for each time one thing in them changes.</remarks>
public sealed class ById<TId, T> : IReadOnlyCollection<KeyValuePair<TId, T>>
    where TId : IParsable<TId>, IComparable<TId>
    where T : class
{
    public static readonly ById<TId, T> Empty = new([]);

    private static readonly IComparer<TId> Order = StringComparer.Ordinal as IComparer<TId> ?? Comparer<TId>.Default;

    private readonly KeyValuePair<TId, T>[] items;
    private TId[]? ids;
    private T[]? values;

    private ById(KeyValuePair<TId, T>[] items) => this.items = items;

    public int Count => items.Length;

    public IReadOnlyCollection<TId> Ids => ids ??= Array.ConvertAll(items, i => i.Key);

    public IReadOnlyCollection<T> Values => values ??= Array.ConvertAll(items, i => i.Value);

    public T this[TId id] => Find(id) ?? throw new KeyNotFoundException($"There is nothing with the id {id}.");

    /// <summary>The pairs by their ids; of two with the same id the later stays.</summary>
    public static ById<TId, T> From(IEnumerable<KeyValuePair<TId, T>> pairs)
    {
        var sorted = new SortedDictionary<TId, T>(Order);
        foreach (var (id, item) in pairs)
        {
            sorted[id] = item;
        }

        return sorted.Count == 0 ? Empty : new([.. sorted]);
    }

    public T? Find(TId? id) => id is not null && Place(id) is >= 0 and var at ? items[at].Value : null;

    public bool Has(TId? id) => id is not null && Place(id) >= 0;

    public bool TryFind(TId? id, [NotNullWhen(true)] out T? item)
    {
        item = Find(id);
        return item is not null;
    }

    public ById<TId, T> With(TId id, T item)
    {
        var at = Place(id);
        if (at >= 0)
        {
            if (ReferenceEquals(items[at].Value, item))
            {
                return this;
            }

            var changed = (KeyValuePair<TId, T>[])items.Clone();
            changed[at] = new(id, item);
            return new(changed);
        }

        return new([.. items.AsSpan(0, ~at), new(id, item), .. items.AsSpan(~at)]);
    }

    public ById<TId, T> Without(TId id) => Place(id) is >= 0 and var at ? new([.. items.AsSpan(0, at), .. items.AsSpan(at + 1)]) : this;

    /// <summary>Every item passed through a change; items that come back the same leave the collection as it is.</summary>
    public ById<TId, T> Each(Func<TId, T, T?> change)
    {
        List<KeyValuePair<TId, T>>? next = null;
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

    public IEnumerator<KeyValuePair<TId, T>> GetEnumerator() => ((IEnumerable<KeyValuePair<TId, T>>)items).GetEnumerator();

    IEnumerator IEnumerable.GetEnumerator() => GetEnumerator();

    /// <summary>Index of the id, or the complement of where it would go.</summary>
    private int Place(TId id)
    {
        var (low, high) = (0, items.Length - 1);
        while (low <= high)
        {
            var middle = (low + high) / 2;
            var order = Order.Compare(items[middle].Key, id);
            if (order == 0)
            {
                return middle;
            }

            (low, high) = order < 0 ? (middle + 1, high) : (low, middle - 1);
        }

        return ~low;
    }
}

/// <summary>Looking up what may not be said or may not be there.</summary>
public static class Maybe
{
    /// <summary>The first of values that have no null of their own; null when there is none.</summary>
    public static T? FirstOrNull<T>(this IEnumerable<T> all)
        where T : struct
    {
        foreach (var one in all)
        {
            return one;
        }

        return null;
    }

    public static T? FirstOrNull<T>(this IEnumerable<T> all, Func<T, bool> where)
        where T : struct => all.Where(where).FirstOrNull();

    public static T? Find<TId, T>(this ById<TId, T> things, TId? id)
        where TId : struct, IParsable<TId>, IComparable<TId>
        where T : class => id is { } known ? things.Find(known) : null;

    public static bool Has<TId, T>(this ById<TId, T> things, TId? id)
        where TId : struct, IParsable<TId>, IComparable<TId>
        where T : class => id is { } known && things.Has(known);
}
