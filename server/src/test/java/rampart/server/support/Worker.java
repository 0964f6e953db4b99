package rampart.server.support;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import javax.imageio.ImageIO;
import rampart.server.support.Http.Answer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Somebody who releases a pack, packs it step by step and adds pictures to it, over and over, and remembers what the server said is done.
 * What was not answered may be there or not.
 */
public final class Worker implements Runnable {
    private final Supplier<Http> http;
    private final String name;
    private final String id;
    private final ObjectNode pack;
    private final Set<String> releases = ConcurrentHashMap.newKeySet();
    private final List<String> numbers = new ArrayList<>();
    private final Set<Done> done = ConcurrentHashMap.newKeySet();
    private final Set<String> pictures = ConcurrentHashMap.newKeySet();
    private int tried;
    private volatile boolean stop;

    /** A step of a packing that was said to be done. */
    private record Done(String packing, String step) {}

    /** Makes the pack; work begins with {@link #run}. */
    public Worker(Supplier<Http> http, String name) {
        this.http = http;
        this.name = name;
        pack = (ObjectNode) Http.MAPPER.readTree(Http.demoPack("20-rain-gauge"));
        pack.put("name", name);
        id = http.get().post("api/packs", pack.toString()).json().path("id").asString();
    }

    @Override
    public void run() {
        while (!stop) {
            try {
                once();
            } catch (UncheckedIOException e) {
                ServerProcess.pause(20);
            }
        }
    }

    private void once() {
        tried++;
        long version = saved();
        Answer released = http.get()
                .post(
                        "api/packs/" + id + "/releases",
                        "{\"note\":\"\",\"reason\":\"a trial\"}",
                        "If-Match",
                        Http.tag(version));
        if (released.status() != 201) {
            ServerProcess.pause(5);
            return;
        }
        String release = released.json().path("number").asString();
        releases.add(release);
        numbers.add(release);
        picture();
        Answer begun = http.get().post("api/packings", "{\"number\":\"" + release + "\"}");
        if (begun.status() == 200) {
            numbers.add(begun.json().path("number").asString());
            pack(begun.json());
        }
    }

    /** Saves the pack with another mass; which version that is, whoever's answer was lost on the way. */
    private long saved() {
        ((ObjectNode) pack.path("item")).put("massKg", 1 + tried / 10000.0);
        JsonNode now = http.get().get("api/packs/" + id).json();
        Answer answer = http.get()
                .put(
                        "api/packs/" + id + "/draft",
                        pack.toString(),
                        "If-Match",
                        Http.tag(now.path("version").asLong()));
        return answer.json().path("version").asLong();
    }

    private void picture() {
        BufferedImage image = new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB);
        image.setRGB(tried % 40, tried / 40 % 30, 0xffffff);
        image.setRGB(0, 29, name.hashCode() & 0xffffff);
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", png);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        Answer sent = http.get()
                .send("POST", "api/packs/" + id + "/photographs", png.toByteArray(), "Content-Type", "image/png");
        if (sent.status() == 201) {
            pictures.add(sent.json().path("hash").asString());
        }
    }

    private void pack(JsonNode packing) {
        String which = packing.path("id").asString();
        for (JsonNode step : packing.path("steps")) {
            if (stop) {
                return;
            }
            JsonNode ask = step.at("/step/ask");
            String value = switch (ask.path("kind").asString()) {
                case "count", "mass", "length" -> ask.path("expected").toString();
                case "still" -> "1";
                case "tally" -> "2";
                default -> "null";
            };
            String stepId = step.at("/step/id").asString();
            Answer answer = http.get()
                    .post(
                            "api/packings/" + which + "/acts",
                            "{\"acts\":[{\"id\":\"" + UUID.randomUUID() + "\",\"step\":\"" + stepId
                                    + "\",\"deed\":\"done\",\"value\":" + value
                                    + ",\"note\":\"\",\"doneAt\":\"2026-11-29T10:00:00Z\"}]}");
            if (answer.status() == 200 && answer.json().at("/acts/0/refused").isNull()) {
                done.add(new Done(which, stepId));
            }
        }
    }

    public void stop() {
        stop = true;
    }

    public void goOn() {
        stop = false;
    }

    /** Numbers of releases and packings that were given to this one, in their order. */
    public List<String> numbers() {
        return List.copyOf(numbers);
    }

    /** How much was acknowledged, of each kind: releases, steps done, pictures. */
    public List<Integer> acknowledged() {
        return List.of(releases.size(), done.size(), pictures.size());
    }

    /** What was acknowledged and is not there, in words. */
    public List<String> lost() {
        List<String> lost = new ArrayList<>();
        Set<String> there = new HashSet<>();
        http.get()
                .get("api/packs/" + id + "/releases")
                .json()
                .forEach(r -> there.add(r.path("number").asString()));
        releases.stream().filter(number -> !there.contains(number)).forEach(number -> lost.add("release " + number));
        Set<String> hung = new HashSet<>();
        http.get()
                .get("api/packs/" + id + "/photographs")
                .json()
                .forEach(p -> hung.add(p.path("hash").asString()));
        pictures.stream().filter(hash -> !hung.contains(hash)).forEach(hash -> lost.add("picture " + hash));
        for (String packing : done.stream().map(Done::packing).distinct().toList()) {
            http.get().get("api/packings/" + packing).json().path("steps").forEach(step -> {
                Done each = new Done(packing, step.at("/step/id").asString());
                if (done.contains(each) && step.path("state").asString().equals("open")) {
                    lost.add("act " + each);
                }
            });
        }
        return lost;
    }
}
