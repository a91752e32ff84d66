using System.Net;
using Microsoft.AspNetCore.HttpOverrides;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Platform.Hosting;

/// <summary>Web servers in front of this one.</summary>
internal static class Proxies
{
    /// <summary>
    /// Believes those that are named what they say of the sender and the scheme (X-Forwarded-For, X-Forwarded-Proto),
    /// and nobody else.
    /// </summary>
    public static void AddProxies(this IServiceCollection services) =>
        services
            .AddOptions<ForwardedHeadersOptions>()
            .Configure<IOptions<AntiphonOptions>>(
                (forwarded, antiphon) =>
                {
                    forwarded.ForwardedHeaders = ForwardedHeaders.XForwardedFor | ForwardedHeaders.XForwardedProto;
                    forwarded.ForwardLimit = null;
                    forwarded.KnownProxies.Clear();
                    forwarded.KnownIPNetworks.Clear();
                    foreach (var proxy in antiphon.Value.Proxies)
                        forwarded.KnownIPNetworks.Add(NetworkOf(proxy));
                }
            );

    private static System.Net.IPNetwork NetworkOf(string proxy)
    {
        if (System.Net.IPNetwork.TryParse(proxy, out var network))
            return network;
        if (IPAddress.TryParse(proxy, out var address))
            return new System.Net.IPNetwork(address, address.GetAddressBytes().Length * 8);
        throw new OptionsValidationException(
            "Antiphon",
            typeof(AntiphonOptions),
            [$"Antiphon:Proxies has “{proxy}”, which is neither an address nor a network such as 10.0.0.0/24."]
        );
    }
}
